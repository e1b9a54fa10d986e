ALTER TABLE `answer` ADD `instrument` text;--> statement-breakpoint
ALTER TABLE `student` ADD `second_instrument` text;--> statement-breakpoint
ALTER TABLE `student` ADD `left_handed` integer DEFAULT false NOT NULL;