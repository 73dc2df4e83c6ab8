-- Towns of the world to begin a site from: filled once from the packaged gazetteer, never part of a backup.
CREATE TABLE IF NOT EXISTS town (
  id INT UNSIGNED NOT NULL PRIMARY KEY,
  name VARCHAR(120) NOT NULL,
  folded VARCHAR(120) NOT NULL,
  country CHAR(2) NOT NULL,
  region VARCHAR(20) NOT NULL,
  latitude_deg DECIMAL(8, 5) NOT NULL,
  longitude_deg DECIMAL(8, 5) NOT NULL,
  population INT UNSIGNED NOT NULL,
  KEY by_name (folded, population)
)
