CREATE TABLE `taken_in` (
	`case_id` text PRIMARY KEY NOT NULL,
	`hash` text NOT NULL
);
