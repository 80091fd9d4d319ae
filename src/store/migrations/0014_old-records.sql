ALTER TABLE `cases` ADD `order_number` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `cases` ADD `origin` text DEFAULT '' NOT NULL;