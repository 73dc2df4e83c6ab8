CREATE TABLE IF NOT EXISTS look (
  collection_id UUID NOT NULL,
  actor VARCHAR(60) NOT NULL,
  seq BIGINT UNSIGNED NOT NULL,
  weather_revision BIGINT UNSIGNED NOT NULL,
  on_day DATE NOT NULL,
  model VARCHAR(40) NOT NULL,
  looked_at DATETIME(3) NOT NULL,
  dates JSON NOT NULL,
  PRIMARY KEY (collection_id, actor),
  CONSTRAINT look_collection FOREIGN KEY (collection_id) REFERENCES collection (id)
)
