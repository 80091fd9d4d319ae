CREATE TABLE `presence` (
	`case_id` text NOT NULL,
	`who` text NOT NULL,
	`seen_at` integer NOT NULL,
	PRIMARY KEY(`case_id`, `who`)
);
