-- Addresses under which a collection's calendar is read from outside: of the token its hash alone is kept.
CREATE TABLE IF NOT EXISTS feed_token (
  collection_id UUID NOT NULL,
  token_sha256 CHAR(64) NOT NULL,
  actor VARCHAR(80) NOT NULL,
  made_at DATETIME(3) NOT NULL,
  revoked_at DATETIME(3) NULL,
  PRIMARY KEY (collection_id, token_sha256),
  UNIQUE KEY by_token (token_sha256),
  CONSTRAINT feed_token_of FOREIGN KEY (collection_id) REFERENCES collection (id)
)
