CREATE TABLE IF NOT EXISTS weather_day (
  collection_id UUID NOT NULL,
  source_id UUID NOT NULL,
  day DATE NOT NULL,
  tmin_c FLOAT NULL,
  tmax_c FLOAT NULL,
  solar_mj FLOAT NULL,
  rain_mm FLOAT NULL,
  wind_ms FLOAT NULL,
  PRIMARY KEY (collection_id, source_id, day),
  CONSTRAINT weather_day_source FOREIGN KEY (collection_id, source_id) REFERENCES weather_source (collection_id, id)
)
