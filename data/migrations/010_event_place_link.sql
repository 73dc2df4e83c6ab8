ALTER TABLE event ADD CONSTRAINT FOREIGN KEY IF NOT EXISTS event_place (collection_id, place_id) REFERENCES place (collection_id, id)
