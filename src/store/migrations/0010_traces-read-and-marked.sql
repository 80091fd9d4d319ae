ALTER TABLE `traces` ADD `source` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `traces` ADD `at` text;--> statement-breakpoint
ALTER TABLE `traces` ADD `read_as` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `traces` ADD `sheet` text DEFAULT '' NOT NULL;