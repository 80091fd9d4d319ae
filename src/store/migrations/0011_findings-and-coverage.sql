CREATE TABLE `findings` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`test_id` text NOT NULL,
	`about` text DEFAULT '' NOT NULL,
	`verdict` text DEFAULT '' NOT NULL,
	`because` text DEFAULT '' NOT NULL,
	`figure` text DEFAULT '' NOT NULL,
	`limit` text DEFAULT '' NOT NULL,
	`distance` text DEFAULT '' NOT NULL,
	`place` text DEFAULT '' NOT NULL,
	`speaks` text DEFAULT '[]' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`test_id`) REFERENCES `tests`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `findings_case` ON `findings` (`case_id`);--> statement-breakpoint
ALTER TABLE `scan_modules` ADD `read` integer DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE `scans` ADD `scope` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `tests` ADD `analysis_id` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `tests` ADD `trace_id` text;--> statement-breakpoint
ALTER TABLE `tests` ADD `ran` text DEFAULT '' NOT NULL;