CREATE TABLE IF NOT EXISTS forecast_run (
  collection_id UUID NOT NULL,
  id UUID NOT NULL,
  asked_at DATETIME(3) NOT NULL,
  source VARCHAR(120) NOT NULL,
  outcome VARCHAR(20) NOT NULL,
  detail VARCHAR(300) NOT NULL,
  issued_at DATETIME(3) NULL,
  issued_on DATE NULL,
  days JSON NULL,
  PRIMARY KEY (collection_id, id),
  KEY forecast_run_newest (collection_id, asked_at),
  CONSTRAINT forecast_run_collection FOREIGN KEY (collection_id) REFERENCES collection (id)
)
