CREATE TABLE `fingerprints` (
	`trace_id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`body` text NOT NULL
);
