CREATE INDEX `cases_customer` ON `cases` (`customer`,`opened_at`,`id`);--> statement-breakpoint
CREATE INDEX `cases_phone` ON `cases` (`phone`,`opened_at`,`id`);