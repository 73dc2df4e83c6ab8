CREATE TABLE IF NOT EXISTS derived_tracks (
  collection_id UUID NOT NULL,
  cache_key CHAR(64) NOT NULL,
  packed LONGTEXT NOT NULL,
  PRIMARY KEY (collection_id, cache_key)
)
