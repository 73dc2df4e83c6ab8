CREATE TABLE IF NOT EXISTS photo (
  collection_id UUID NOT NULL,
  id UUID NOT NULL,
  entry_id UUID NOT NULL,
  tree_id UUID NOT NULL,
  width_px INT UNSIGNED NOT NULL,
  height_px INT UNSIGNED NOT NULL,
  sha256 CHAR(64) NOT NULL,
  image MEDIUMBLOB NOT NULL,
  thumb BLOB NOT NULL,
  PRIMARY KEY (collection_id, id),
  CONSTRAINT photo_entry FOREIGN KEY (collection_id, entry_id) REFERENCES entry (collection_id, id),
  CONSTRAINT photo_tree FOREIGN KEY (collection_id, tree_id) REFERENCES tree (collection_id, id)
)
