-- Deliveries that are sent to a shop, file by file; each has a key under which it goes only once.
CREATE TABLE sending (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  delivery_id BIGINT NOT NULL,
  state VARCHAR(8) NOT NULL,
  silences INT NOT NULL,
  silent_until DATETIME(3) NULL,
  created_at DATETIME(3) NOT NULL,
  finished_at DATETIME(3) NULL,
  revision BIGINT NOT NULL,
  CONSTRAINT sending_of_delivery FOREIGN KEY (delivery_id) REFERENCES delivery (id)
);

CREATE TABLE sent_file (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  sending_id BIGINT NOT NULL,
  file_id BIGINT NOT NULL,
  send_key CHAR(64) NOT NULL,
  state VARCHAR(8) NOT NULL,
  tries INT NOT NULL,
  next_try_at DATETIME(3) NOT NULL,
  problem VARCHAR(500) NULL,
  CONSTRAINT sent_in FOREIGN KEY (sending_id) REFERENCES sending (id),
  CONSTRAINT sent_of_file FOREIGN KEY (file_id) REFERENCES delivered_file (id),
  CONSTRAINT sent_once UNIQUE (sending_id, file_id),
  INDEX sent_due (sending_id, state, next_try_at),
  INDEX sent_key (send_key, state)
);

CREATE TABLE sending_tasks LIKE delivery_tasks;
