CREATE TABLE IF NOT EXISTS entry (
  collection_id UUID NOT NULL,
  id UUID NOT NULL,
  seq BIGINT UNSIGNED NOT NULL,
  command_id UUID NOT NULL,
  command VARCHAR(60) NOT NULL,
  actor VARCHAR(60) NOT NULL,
  recorded_at DATETIME(3) NOT NULL,
  voids_entry_id UUID NULL,
  replaces_entry_id UUID NULL,
  note VARCHAR(400) NULL,
  result JSON NULL,
  PRIMARY KEY (collection_id, id),
  UNIQUE KEY entry_order (collection_id, seq),
  UNIQUE KEY entry_command (collection_id, command_id),
  CONSTRAINT entry_collection FOREIGN KEY (collection_id) REFERENCES collection (id),
  CONSTRAINT entry_voids FOREIGN KEY (collection_id, voids_entry_id) REFERENCES entry (collection_id, id),
  CONSTRAINT entry_replaces FOREIGN KEY (collection_id, replaces_entry_id) REFERENCES entry (collection_id, id)
)
