CREATE TRIGGER `history_no_update` BEFORE UPDATE ON `history` BEGIN SELECT RAISE(ABORT, 'history is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `history_no_delete` BEFORE DELETE ON `history` BEGIN SELECT RAISE(ABORT, 'history is append-only'); END;
