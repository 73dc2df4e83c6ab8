CREATE TABLE IF NOT EXISTS pot_lot (
  collection_id UUID NOT NULL,
  id UUID NOT NULL,
  entry_id UUID NOT NULL,
  name VARCHAR(120) NOT NULL,
  pot JSON NOT NULL,
  price DECIMAL(10,2) NULL,
  version INT UNSIGNED NOT NULL DEFAULT 1,
  PRIMARY KEY (collection_id, id),
  CONSTRAINT pot_lot_entry FOREIGN KEY (collection_id, entry_id) REFERENCES entry (collection_id, id)
)
