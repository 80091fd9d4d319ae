CREATE TABLE `live_values` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`scan_id` text NOT NULL,
	`name` text DEFAULT '' NOT NULL,
	`entered` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`scan_id`) REFERENCES `scans`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `live_values_case` ON `live_values` (`case_id`);