-- Samples that were drawn from batches, and what became of them.
CREATE TABLE sampling (
  id BIGINT AUTO_INCREMENT PRIMARY KEY,
  batch_id BIGINT NOT NULL,
  level VARCHAR(8) NOT NULL,
  quality_limit VARCHAR(8) NOT NULL,
  strictness VARCHAR(16) NOT NULL,
  seed BIGINT NOT NULL,
  lot_size INT NOT NULL,
  letter CHAR(1) NOT NULL,
  sample_size INT NOT NULL,
  accept_up_to INT NOT NULL,
  reject_from INT NOT NULL,
  pictures MEDIUMTEXT NOT NULL,
  drawn_at DATETIME(3) NOT NULL,
  verdict VARCHAR(16) NOT NULL,
  judged INT NOT NULL,
  faulty INT NOT NULL,
  decided_at DATETIME(3) NULL,
  ended BOOLEAN NOT NULL,
  CONSTRAINT sampling_batch FOREIGN KEY (batch_id) REFERENCES batch (id)
);
