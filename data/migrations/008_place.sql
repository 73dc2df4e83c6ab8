CREATE TABLE IF NOT EXISTS place (
  collection_id UUID NOT NULL,
  id UUID NOT NULL,
  entry_id UUID NOT NULL,
  name VARCHAR(120) NOT NULL,
  kind VARCHAR(20) NOT NULL,
  version INT UNSIGNED NOT NULL DEFAULT 1,
  PRIMARY KEY (collection_id, id),
  CONSTRAINT place_entry FOREIGN KEY (collection_id, entry_id) REFERENCES entry (collection_id, id)
)
