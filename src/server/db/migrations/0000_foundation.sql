CREATE TABLE `answer` (
	`student_id` text NOT NULL,
	`id` text NOT NULL,
	`position` text NOT NULL,
	`key` integer NOT NULL,
	`accidental` integer,
	`task` text NOT NULL,
	`given` text,
	`correct` integer NOT NULL,
	`ms` integer,
	`hints` integer NOT NULL,
	`source` text NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`student_id`, `id`),
	FOREIGN KEY (`student_id`) REFERENCES `student`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `answer_void` (
	`student_id` text NOT NULL,
	`answer_id` text NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`student_id`, `answer_id`),
	FOREIGN KEY (`student_id`) REFERENCES `student`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `group` (
	`id` text PRIMARY KEY NOT NULL,
	`teacher_id` text NOT NULL,
	`name` text NOT NULL,
	`code` text NOT NULL,
	`method` text NOT NULL,
	`key` integer NOT NULL,
	`terms` text NOT NULL,
	`naming` text NOT NULL,
	`sayings` text NOT NULL,
	`rules` text NOT NULL,
	`created_at` integer NOT NULL,
	FOREIGN KEY (`teacher_id`) REFERENCES `user`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `group_code_unique` ON `group` (`code`);--> statement-breakpoint
CREATE INDEX `group_teacher` ON `group` (`teacher_id`);--> statement-breakpoint
CREATE TABLE `introduced` (
	`group_id` text NOT NULL,
	`position` text NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`group_id`, `position`),
	FOREIGN KEY (`group_id`) REFERENCES `group`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `marking` (
	`sheet_code` text NOT NULL,
	`student_id` text NOT NULL,
	`number` integer NOT NULL,
	`revision` integer NOT NULL,
	`given` text NOT NULL,
	`right` integer NOT NULL,
	`marked_at` integer NOT NULL,
	PRIMARY KEY(`sheet_code`, `student_id`),
	FOREIGN KEY (`sheet_code`) REFERENCES `sheet`(`code`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `student`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `sheet` (
	`code` text PRIMARY KEY NOT NULL,
	`group_id` text NOT NULL,
	`spec` text NOT NULL,
	`created_at` integer NOT NULL,
	FOREIGN KEY (`group_id`) REFERENCES `group`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `sheet_group` ON `sheet` (`group_id`);--> statement-breakpoint
CREATE TABLE `sheet_copy` (
	`sheet_code` text NOT NULL,
	`number` integer NOT NULL,
	`student_id` text,
	`copy` text NOT NULL,
	PRIMARY KEY(`sheet_code`, `number`),
	FOREIGN KEY (`sheet_code`) REFERENCES `sheet`(`code`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `student`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `student` (
	`id` text PRIMARY KEY NOT NULL,
	`group_id` text NOT NULL,
	`name` text NOT NULL,
	`name_key` text NOT NULL,
	`instrument` text NOT NULL,
	`method` text,
	`pictures` text NOT NULL,
	`failed_tries` integer DEFAULT 0 NOT NULL,
	`locked_until` integer DEFAULT 0 NOT NULL,
	`created_at` integer NOT NULL,
	FOREIGN KEY (`group_id`) REFERENCES `group`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `student_name` ON `student` (`group_id`,`name_key`);--> statement-breakpoint
CREATE TABLE `student_session` (
	`token_hash` text PRIMARY KEY NOT NULL,
	`student_id` text NOT NULL,
	`expires_at` integer NOT NULL,
	FOREIGN KEY (`student_id`) REFERENCES `student`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `student_session_student` ON `student_session` (`student_id`);--> statement-breakpoint
CREATE TABLE `account` (
	`id` text PRIMARY KEY NOT NULL,
	`account_id` text NOT NULL,
	`provider_id` text NOT NULL,
	`user_id` text NOT NULL,
	`access_token` text,
	`refresh_token` text,
	`id_token` text,
	`access_token_expires_at` integer,
	`refresh_token_expires_at` integer,
	`scope` text,
	`password` text,
	`created_at` integer NOT NULL,
	`updated_at` integer NOT NULL,
	FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `session` (
	`id` text PRIMARY KEY NOT NULL,
	`expires_at` integer NOT NULL,
	`token` text NOT NULL,
	`created_at` integer NOT NULL,
	`updated_at` integer NOT NULL,
	`ip_address` text,
	`user_agent` text,
	`user_id` text NOT NULL,
	FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `session_token_unique` ON `session` (`token`);--> statement-breakpoint
CREATE TABLE `user` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`email` text NOT NULL,
	`email_verified` integer DEFAULT false NOT NULL,
	`image` text,
	`created_at` integer NOT NULL,
	`updated_at` integer NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `user_email_unique` ON `user` (`email`);--> statement-breakpoint
CREATE TABLE `verification` (
	`id` text PRIMARY KEY NOT NULL,
	`identifier` text NOT NULL,
	`value` text NOT NULL,
	`expires_at` integer NOT NULL,
	`created_at` integer NOT NULL,
	`updated_at` integer NOT NULL
);
