CREATE TABLE IF NOT EXISTS place_hour (
  collection_id UUID NOT NULL,
  entry_id UUID NOT NULL,
  place_id UUID NOT NULL,
  hour DATETIME NOT NULL,
  mean_c FLOAT NOT NULL,
  min_c FLOAT NOT NULL,
  max_c FLOAT NOT NULL,
  PRIMARY KEY (collection_id, entry_id, place_id, hour),
  CONSTRAINT place_hour_entry FOREIGN KEY (collection_id, entry_id) REFERENCES entry (collection_id, id),
  CONSTRAINT place_hour_place FOREIGN KEY (collection_id, place_id) REFERENCES place (collection_id, id)
)
