-- Whatever was written before there were sites is of the first.
CREATE TABLE `__new_postures` (
	`id` text NOT NULL,
	`site_id` text DEFAULT 'here' NOT NULL,
	`document` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`updated_at` text NOT NULL,
	PRIMARY KEY(`site_id`, `id`)
);
--> statement-breakpoint
INSERT INTO `__new_postures`("id", "document", "revision", "updated_at") SELECT "id", "document", "revision", "updated_at" FROM `postures`;--> statement-breakpoint
DROP TABLE `postures`;--> statement-breakpoint
ALTER TABLE `__new_postures` RENAME TO `postures`;--> statement-breakpoint
CREATE TABLE `__new_routines` (
	`id` text NOT NULL,
	`site_id` text DEFAULT 'here' NOT NULL,
	`document` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`updated_at` text NOT NULL,
	PRIMARY KEY(`site_id`, `id`)
);
--> statement-breakpoint
INSERT INTO `__new_routines`("id", "document", "revision", "updated_at") SELECT "id", "document", "revision", "updated_at" FROM `routines`;--> statement-breakpoint
DROP TABLE `routines`;--> statement-breakpoint
ALTER TABLE `__new_routines` RENAME TO `routines`;--> statement-breakpoint
ALTER TABLE `decisions` ADD `site_id` text DEFAULT 'here' NOT NULL;--> statement-breakpoint
ALTER TABLE `drafts` ADD `site_id` text DEFAULT 'here' NOT NULL;--> statement-breakpoint
ALTER TABLE `kept` ADD `site_id` text DEFAULT 'here' NOT NULL;--> statement-breakpoint
ALTER TABLE `lessons` ADD `site_id` text DEFAULT 'here' NOT NULL;--> statement-breakpoint
ALTER TABLE `log` ADD `site_id` text DEFAULT 'here' NOT NULL;--> statement-breakpoint
ALTER TABLE `plans` ADD `site_id` text DEFAULT 'here' NOT NULL;
