CREATE TABLE cut_tasks (
  task_name VARCHAR(100) NOT NULL,
  task_instance VARCHAR(100) NOT NULL,
  task_data BLOB,
  execution_time TIMESTAMP(6) NOT NULL,
  picked BOOLEAN NOT NULL,
  picked_by VARCHAR(50),
  last_success TIMESTAMP(6) NULL,
  last_failure TIMESTAMP(6) NULL,
  consecutive_failures INT,
  last_heartbeat TIMESTAMP(6) NULL,
  version BIGINT NOT NULL,
  priority SMALLINT,
  PRIMARY KEY (task_name, task_instance),
  INDEX cut_tasks_due (execution_time),
  INDEX cut_tasks_heartbeat (last_heartbeat),
  INDEX cut_tasks_priority (priority DESC, execution_time ASC)
);

CREATE TABLE delivery_tasks (
  task_name VARCHAR(100) NOT NULL,
  task_instance VARCHAR(100) NOT NULL,
  task_data BLOB,
  execution_time TIMESTAMP(6) NOT NULL,
  picked BOOLEAN NOT NULL,
  picked_by VARCHAR(50),
  last_success TIMESTAMP(6) NULL,
  last_failure TIMESTAMP(6) NULL,
  consecutive_failures INT,
  last_heartbeat TIMESTAMP(6) NULL,
  version BIGINT NOT NULL,
  priority SMALLINT,
  PRIMARY KEY (task_name, task_instance),
  INDEX delivery_tasks_due (execution_time),
  INDEX delivery_tasks_heartbeat (last_heartbeat),
  INDEX delivery_tasks_priority (priority DESC, execution_time ASC)
);

