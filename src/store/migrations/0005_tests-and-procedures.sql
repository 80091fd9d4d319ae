CREATE TABLE `runs` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`procedure_id` text,
	`title` text DEFAULT '' NOT NULL,
	`at` text NOT NULL,
	`state` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `runs_case` ON `runs` (`case_id`);--> statement-breakpoint
CREATE TABLE `test_inputs` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`test_id` text NOT NULL,
	`field` text NOT NULL,
	`at` text DEFAULT '' NOT NULL,
	`column` text DEFAULT '' NOT NULL,
	`entered` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`test_id`) REFERENCES `tests`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `test_inputs_case` ON `test_inputs` (`case_id`);--> statement-breakpoint
ALTER TABLE `attachments` ADD `part_id` text;--> statement-breakpoint
ALTER TABLE `tests` ADD `run_id` text;--> statement-breakpoint
ALTER TABLE `tests` ADD `skipped` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `tests` ADD `where_kind` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `tests` ADD `setup_reading` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `tests` ADD `instrument` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `tests` ADD `accuracy` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `tests` ADD `watch` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `tests` ADD `tries` integer;--> statement-breakpoint
ALTER TABLE `tests` ADD `took` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `tests` ADD `caught_under` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `tests` ADD `check_id` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `known_good` ADD `at` text;--> statement-breakpoint
ALTER TABLE `known_good` ADD `by_id` text;--> statement-breakpoint
ALTER TABLE `procedures` ADD `revision` integer DEFAULT 1 NOT NULL;