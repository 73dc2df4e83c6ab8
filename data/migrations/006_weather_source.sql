CREATE TABLE IF NOT EXISTS weather_source (
  collection_id UUID NOT NULL,
  id UUID NOT NULL,
  entry_id UUID NOT NULL,
  name VARCHAR(200) NOT NULL,
  sha256 CHAR(64) NOT NULL,
  good_days INT UNSIGNED NOT NULL,
  bad_lines INT UNSIGNED NOT NULL,
  first_day DATE NOT NULL,
  last_day DATE NOT NULL,
  PRIMARY KEY (collection_id, id),
  CONSTRAINT weather_source_entry FOREIGN KEY (collection_id, entry_id) REFERENCES entry (collection_id, id)
)
