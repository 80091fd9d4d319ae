ALTER TABLE `bulletins` ADD `year_from` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `bulletins` ADD `year_to` integer DEFAULT 0 NOT NULL;