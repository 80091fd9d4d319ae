CREATE TABLE `digests` (
	`case_id` text PRIMARY KEY NOT NULL,
	`seq` integer NOT NULL,
	`version` integer NOT NULL,
	`body` text NOT NULL
);
--> statement-breakpoint
ALTER TABLE `symptom_words` ADD `of` text DEFAULT 'symptom' NOT NULL;