CREATE TABLE `drafts` (
	`person_id` text PRIMARY KEY NOT NULL,
	`posture` text NOT NULL,
	`school` text NOT NULL,
	`stance` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `facts` (
	`key` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `kept` (
	`id` text PRIMARY KEY NOT NULL,
	`person_id` text NOT NULL,
	`posture` text NOT NULL,
	`school` text NOT NULL,
	`name` text NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	`stance` text NOT NULL,
	`created_at` text NOT NULL,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `kept_by_person` ON `kept` (`person_id`,`posture`);--> statement-breakpoint
CREATE TABLE `people` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`story` text DEFAULT '' NOT NULL,
	`document` text NOT NULL,
	`created_at` text NOT NULL
);
