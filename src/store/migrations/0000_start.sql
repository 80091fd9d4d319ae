CREATE TABLE `bearings` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`test_id` text NOT NULL,
	`suspect_id` text NOT NULL,
	`says` text DEFAULT '' NOT NULL,
	`why` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`test_id`) REFERENCES `tests`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`suspect_id`) REFERENCES `suspects`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `bearings_case` ON `bearings` (`case_id`);--> statement-breakpoint
CREATE TABLE `bulletin_uses` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`bulletin_id` text NOT NULL,
	`helped` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `bulletin_uses_case` ON `bulletin_uses` (`case_id`);--> statement-breakpoint
CREATE TABLE `cause_explains` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`cause_id` text NOT NULL,
	`of` text NOT NULL,
	`what` text NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`cause_id`) REFERENCES `causes`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `cause_explains_case` ON `cause_explains` (`case_id`);--> statement-breakpoint
CREATE TABLE `causes` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`part_id` text,
	`failure_id` text,
	`where` text DEFAULT '' NOT NULL,
	`why` text DEFAULT '' NOT NULL,
	`misled` text DEFAULT '' NOT NULL,
	`state` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `causes_case` ON `causes` (`case_id`);--> statement-breakpoint
CREATE INDEX `causes_part` ON `causes` (`part_id`,`failure_id`);--> statement-breakpoint
CREATE TABLE `comebacks` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`of_case_id` text NOT NULL,
	`state` text DEFAULT '' NOT NULL,
	`why` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`of_case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `comebacks_case` ON `comebacks` (`case_id`);--> statement-breakpoint
CREATE INDEX `comebacks_of` ON `comebacks` (`of_case_id`);--> statement-breakpoint
CREATE TABLE `follow_ups` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`due_at` text,
	`due_odometer` text DEFAULT '' NOT NULL,
	`state` text DEFAULT '' NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	`done_at` text,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `follow_ups_case` ON `follow_ups` (`case_id`);--> statement-breakpoint
CREATE INDEX `follow_ups_due` ON `follow_ups` (`state`,`due_at`);--> statement-breakpoint
CREATE TABLE `proof_steps` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`kind` text DEFAULT '' NOT NULL,
	`what` text DEFAULT '' NOT NULL,
	`state` text DEFAULT '' NOT NULL,
	`result` text DEFAULT '' NOT NULL,
	`test_id` text,
	`scan_id` text,
	`at` text,
	`by_id` text,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `proof_steps_case` ON `proof_steps` (`case_id`);--> statement-breakpoint
CREATE TABLE `repair_parts` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`repair_id` text NOT NULL,
	`name` text DEFAULT '' NOT NULL,
	`number` text DEFAULT '' NOT NULL,
	`source` text DEFAULT '' NOT NULL,
	`sold_as` text DEFAULT '' NOT NULL,
	`price` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`repair_id`) REFERENCES `repairs`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `repair_parts_case` ON `repair_parts` (`case_id`);--> statement-breakpoint
CREATE TABLE `repairs` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`cause_id` text,
	`at` text,
	`by_id` text,
	`action` text DEFAULT '' NOT NULL,
	`what` text DEFAULT '' NOT NULL,
	`authorisation` text DEFAULT '' NOT NULL,
	`hours` real,
	`access` text DEFAULT '' NOT NULL,
	`also_changed` text DEFAULT '' NOT NULL,
	`due` text DEFAULT '' NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `repairs_case` ON `repairs` (`case_id`);--> statement-breakpoint
CREATE TABLE `suspects` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`part_id` text,
	`failure_id` text,
	`words` text DEFAULT '' NOT NULL,
	`where` text DEFAULT '' NOT NULL,
	`origin` text DEFAULT '' NOT NULL,
	`state` text DEFAULT '' NOT NULL,
	`why` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `suspects_case` ON `suspects` (`case_id`);--> statement-breakpoint
CREATE TABLE `cases` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`number` integer NOT NULL,
	`vehicle_id` text NOT NULL,
	`opened_at` text NOT NULL,
	`closed_at` text,
	`waits_for` text DEFAULT '' NOT NULL,
	`wait_note` text DEFAULT '' NOT NULL,
	`lead_id` text,
	`customer` text DEFAULT '' NOT NULL,
	`odometer` text DEFAULT '' NOT NULL,
	`said` text DEFAULT '' NOT NULL,
	`seen` text DEFAULT '' NOT NULL,
	`reproduced` text DEFAULT '' NOT NULL,
	`unexplained` text DEFAULT '' NOT NULL,
	`lesson` text DEFAULT '' NOT NULL,
	`grade` text DEFAULT '' NOT NULL,
	`grade_why` text DEFAULT '' NOT NULL,
	`seq` integer DEFAULT 0 NOT NULL,
	FOREIGN KEY (`vehicle_id`) REFERENCES `vehicles`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `cases_number` ON `cases` (`number`);--> statement-breakpoint
CREATE INDEX `cases_vehicle` ON `cases` (`vehicle_id`);--> statement-breakpoint
CREATE INDEX `cases_closed` ON `cases` (`closed_at`);--> statement-breakpoint
CREATE INDEX `cases_seq` ON `cases` (`seq`);--> statement-breakpoint
CREATE TABLE `earlier_repairs` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`kind` text DEFAULT '' NOT NULL,
	`what` text DEFAULT '' NOT NULL,
	`part` text DEFAULT '' NOT NULL,
	`part_source` text DEFAULT '' NOT NULL,
	`by` text DEFAULT '' NOT NULL,
	`when` text DEFAULT '' NOT NULL,
	`changed` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `earlier_repairs_case` ON `earlier_repairs` (`case_id`);--> statement-breakpoint
CREATE TABLE `symptoms` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`concept` text DEFAULT '' NOT NULL,
	`words` text DEFAULT '' NOT NULL,
	`conditions` text DEFAULT '[]' NOT NULL,
	`frequency` text DEFAULT '' NOT NULL,
	`lamps` text DEFAULT '[]' NOT NULL,
	`source` text DEFAULT '' NOT NULL,
	`reproduced` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `symptoms_case` ON `symptoms` (`case_id`);--> statement-breakpoint
CREATE INDEX `symptoms_concept` ON `symptoms` (`concept`);--> statement-breakpoint
CREATE TABLE `vehicles` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`vin` text DEFAULT '' NOT NULL,
	`plate` text DEFAULT '' NOT NULL,
	`kind` text DEFAULT '' NOT NULL,
	`make` text DEFAULT '' NOT NULL,
	`model` text DEFAULT '' NOT NULL,
	`year` integer,
	`engine` text DEFAULT '' NOT NULL,
	`fuel` text DEFAULT '' NOT NULL,
	`market` text DEFAULT '' NOT NULL,
	`cylinders` integer,
	`firing_order` text DEFAULT '' NOT NULL,
	`displacement` text DEFAULT '' NOT NULL,
	`strokes` integer,
	`banks` text DEFAULT '' NOT NULL,
	`note` text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE INDEX `vehicles_vin` ON `vehicles` (`vin`);--> statement-breakpoint
CREATE INDEX `vehicles_build` ON `vehicles` (`make`,`model`,`year`);--> statement-breakpoint
CREATE TABLE `attachments` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`test_id` text,
	`name` text DEFAULT '' NOT NULL,
	`mime` text DEFAULT '' NOT NULL,
	`bytes` integer DEFAULT 0 NOT NULL,
	`hash` text DEFAULT '' NOT NULL,
	`at` text,
	`note` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `attachments_case` ON `attachments` (`case_id`);--> statement-breakpoint
CREATE TABLE `clears` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`at` text NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `clears_case` ON `clears` (`case_id`);--> statement-breakpoint
CREATE TABLE `code_roles` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`code` text NOT NULL,
	`role` text DEFAULT '' NOT NULL,
	`why` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `code_roles_case` ON `code_roles` (`case_id`);--> statement-breakpoint
CREATE TABLE `freeze_values` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`code_id` text NOT NULL,
	`name` text DEFAULT '' NOT NULL,
	`entered` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`code_id`) REFERENCES `scan_codes`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `freeze_values_case` ON `freeze_values` (`case_id`);--> statement-breakpoint
CREATE TABLE `readiness_monitors` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`scan_id` text NOT NULL,
	`name` text DEFAULT '' NOT NULL,
	`state` text NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`scan_id`) REFERENCES `scans`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `readiness_monitors_case` ON `readiness_monitors` (`case_id`);--> statement-breakpoint
CREATE TABLE `readings` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`test_id` text NOT NULL,
	`label` text DEFAULT '' NOT NULL,
	`entered` text DEFAULT '' NOT NULL,
	`limit` text DEFAULT '' NOT NULL,
	`verdict` text DEFAULT '' NOT NULL,
	`because` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`test_id`) REFERENCES `tests`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `readings_case` ON `readings` (`case_id`);--> statement-breakpoint
CREATE TABLE `scan_codes` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`scan_id` text NOT NULL,
	`module_id` text,
	`code` text NOT NULL,
	`text` text DEFAULT '' NOT NULL,
	`statuses` text DEFAULT '[]' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`scan_id`) REFERENCES `scans`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `scan_codes_case` ON `scan_codes` (`case_id`);--> statement-breakpoint
CREATE INDEX `scan_codes_code` ON `scan_codes` (`code`);--> statement-breakpoint
CREATE TABLE `scan_modules` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`scan_id` text NOT NULL,
	`name` text DEFAULT '' NOT NULL,
	`answered` integer DEFAULT true NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`scan_id`) REFERENCES `scans`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `scan_modules_case` ON `scan_modules` (`case_id`);--> statement-breakpoint
CREATE TABLE `scans` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`at` text NOT NULL,
	`phase` text DEFAULT '' NOT NULL,
	`tool` text DEFAULT '' NOT NULL,
	`key` text DEFAULT '' NOT NULL,
	`engine` text DEFAULT '' NOT NULL,
	`battery` text DEFAULT '' NOT NULL,
	`odometer` text DEFAULT '' NOT NULL,
	`text` text DEFAULT '' NOT NULL,
	`leftover` text DEFAULT '[]' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `scans_case` ON `scans` (`case_id`);--> statement-breakpoint
CREATE TABLE `test_conditions` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`test_id` text NOT NULL,
	`what` text DEFAULT '' NOT NULL,
	`met` text DEFAULT '' NOT NULL,
	`reading` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`test_id`) REFERENCES `tests`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `test_conditions_case` ON `test_conditions` (`case_id`);--> statement-breakpoint
CREATE TABLE `tests` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`at` text NOT NULL,
	`by_id` text,
	`procedure_id` text,
	`repeat_of` text,
	`question` text DEFAULT '' NOT NULL,
	`where` text DEFAULT '' NOT NULL,
	`caution` text DEFAULT '' NOT NULL,
	`setup` text DEFAULT '' NOT NULL,
	`setup_result` text DEFAULT '' NOT NULL,
	`expectation` text DEFAULT '' NOT NULL,
	`expectation_source` text DEFAULT '' NOT NULL,
	`minutes` real,
	`note` text DEFAULT '' NOT NULL,
	`overrule` text DEFAULT '' NOT NULL,
	`overrule_why` text DEFAULT '' NOT NULL,
	`verdict` text DEFAULT '' NOT NULL,
	`because` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `tests_case` ON `tests` (`case_id`);--> statement-breakpoint
CREATE TABLE `traces` (
	`id` text PRIMARY KEY NOT NULL,
	`case_id` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`position` real DEFAULT 0 NOT NULL,
	`test_id` text,
	`attachment_id` text,
	`name` text DEFAULT '' NOT NULL,
	`channels` text DEFAULT '[]' NOT NULL,
	`interval` text DEFAULT '' NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`case_id`) REFERENCES `cases`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `traces_case` ON `traces` (`case_id`);--> statement-breakpoint
CREATE TABLE `bulletins` (
	`id` text PRIMARY KEY NOT NULL,
	`number` text DEFAULT '' NOT NULL,
	`title` text DEFAULT '' NOT NULL,
	`issued_by` text DEFAULT '' NOT NULL,
	`codes` text DEFAULT '[]' NOT NULL,
	`symptoms` text DEFAULT '[]' NOT NULL,
	`build` text DEFAULT '' NOT NULL,
	`body` text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE TABLE `catalogue` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`system` text DEFAULT '' NOT NULL,
	`name` text NOT NULL,
	`synonyms` text DEFAULT '[]' NOT NULL,
	`merged_into` text,
	`fresh` integer DEFAULT false NOT NULL
);
--> statement-breakpoint
CREATE INDEX `catalogue_name` ON `catalogue` (`kind`,`name`);--> statement-breakpoint
CREATE TABLE `history` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`at` text NOT NULL,
	`who` text DEFAULT '' NOT NULL,
	`case_id` text,
	`kind` text NOT NULL,
	`row_id` text NOT NULL,
	`op` text NOT NULL,
	`before` text,
	`after` text
);
--> statement-breakpoint
CREATE INDEX `history_case` ON `history` (`case_id`,`seq`);--> statement-breakpoint
CREATE INDEX `history_row` ON `history` (`row_id`,`seq`);--> statement-breakpoint
CREATE TABLE `known_good` (
	`id` text PRIMARY KEY NOT NULL,
	`make` text DEFAULT '' NOT NULL,
	`model` text DEFAULT '' NOT NULL,
	`engine` text DEFAULT '' NOT NULL,
	`year` integer,
	`label` text DEFAULT '' NOT NULL,
	`conditions` text DEFAULT '[]' NOT NULL,
	`entered` text DEFAULT '' NOT NULL,
	`case_id` text,
	`test_id` text,
	`note` text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE INDEX `known_good_build` ON `known_good` (`make`,`model`,`engine`);--> statement-breakpoint
CREATE TABLE `people` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`role` text NOT NULL,
	`active` integer DEFAULT true NOT NULL
);
--> statement-breakpoint
CREATE TABLE `procedures` (
	`id` text PRIMARY KEY NOT NULL,
	`title` text DEFAULT '' NOT NULL,
	`codes` text DEFAULT '[]' NOT NULL,
	`part` text DEFAULT '' NOT NULL,
	`build` text DEFAULT '' NOT NULL,
	`steps` text DEFAULT '[]' NOT NULL,
	`note` text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE TABLE `settings` (
	`key` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `symptom_words` (
	`id` text PRIMARY KEY NOT NULL,
	`concept` text NOT NULL,
	`words` text NOT NULL
);
