<?php

declare(strict_types=1);

use App\Platform\Writing\Ledgers;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What every floor stands on: sites, the trace of what was done, files, drafts, imports, tokens. */
return new class extends Migration
{
    private const TABLES = [
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS sites (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                code varchar(12) NOT NULL,
                name varchar(80) NOT NULL,
                timezone varchar(60) NOT NULL,
                currency char(3) NOT NULL,
                rest_weekdays varchar(15) NOT NULL DEFAULT '6,7',
                release_hour tinyint unsigned NOT NULL DEFAULT 4,
                last_released_on date,
                day_on date,
                report_code varchar(20),
                version int unsigned NOT NULL DEFAULT 1,
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY sites_code_unique (code),
                UNIQUE KEY sites_name_unique (name),
                CONSTRAINT sites_release_hour CHECK (release_hour <= 23),
                CONSTRAINT sites_version CHECK (version > 0)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS site_rest_days (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                day date NOT NULL,
                name varchar(80) NOT NULL DEFAULT '',
                PRIMARY KEY (id),
                UNIQUE KEY site_rest_days_site_id_day_unique (site_id, day),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS audit_entries (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                at datetime(6) NOT NULL,
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                kind varchar(24) NOT NULL,
                subject_id bigint unsigned NOT NULL,
                site_id bigint unsigned,
                did varchar(250) NOT NULL,
                changes json,
                note text,
                PRIMARY KEY (id),
                KEY audit_entries_at_index (at),
                KEY audit_entries_site_id_id_index (site_id, id),
                KEY audit_entries_site_id_kind_id_index (site_id, kind, id),
                KEY audit_entries_site_id_user_id_id_index (site_id, user_id, id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS audit_subjects (
                kind varchar(24) NOT NULL,
                subject_id bigint unsigned NOT NULL,
                audit_entry_id bigint unsigned NOT NULL,
                PRIMARY KEY (kind, subject_id, audit_entry_id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS files (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                sha256 char(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
                type varchar(80) NOT NULL,
                size bigint unsigned NOT NULL,
                width int unsigned,
                height int unsigned,
                stored_at datetime(6) NOT NULL,
                PRIMARY KEY (id),
                UNIQUE KEY files_sha256_unique (sha256)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS documents (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                file_id bigint unsigned NOT NULL,
                kind varchar(24) NOT NULL,
                subject_id bigint unsigned NOT NULL,
                site_id bigint unsigned,
                name varchar(150) NOT NULL,
                main tinyint NOT NULL DEFAULT 0,
                marks json,
                user_id bigint unsigned,
                who varchar(80) NOT NULL,
                added_at datetime(6) NOT NULL,
                removed_at datetime(6),
                version int unsigned NOT NULL DEFAULT 1,
                PRIMARY KEY (id),
                KEY documents_kind_subject_id_removed_at_index (kind, subject_id, removed_at),
                FOREIGN KEY (file_id) REFERENCES files (id),
                CONSTRAINT documents_main CHECK (main IN (0, 1)),
                CONSTRAINT documents_span CHECK (removed_at IS NULL OR removed_at >= added_at)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS drafts (
                user_id bigint unsigned NOT NULL,
                kind varchar(20) NOT NULL,
                record_id bigint unsigned NOT NULL,
                forms json NOT NULL,
                kept_at datetime(6) NOT NULL,
                PRIMARY KEY (user_id, kind, record_id),
                KEY drafts_kept_at_index (kept_at)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS saved_filters (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                user_id bigint unsigned NOT NULL,
                list varchar(24) NOT NULL,
                name varchar(60) NOT NULL,
                shared tinyint NOT NULL DEFAULT 0,
                query json NOT NULL,
                PRIMARY KEY (id),
                UNIQUE KEY saved_filters_user_id_site_id_list_name_unique (user_id, site_id, list, name),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS user_settings (
                user_id bigint unsigned NOT NULL,
                name varchar(40) NOT NULL,
                value json NOT NULL,
                PRIMARY KEY (user_id, name)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS once_tokens (
                token char(64) CHARACTER SET ascii COLLATE ascii_general_ci NOT NULL,
                user_id bigint unsigned,
                location varchar(250),
                made_at datetime(6) NOT NULL,
                said text,
                PRIMARY KEY (token),
                KEY once_tokens_made_at_index (made_at)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS idempotency_keys (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                user_id bigint unsigned NOT NULL,
                name varchar(120) NOT NULL,
                request char(64) NOT NULL,
                status smallint unsigned,
                body longtext,
                location varchar(250),
                made_at datetime(6) NOT NULL,
                PRIMARY KEY (id),
                UNIQUE KEY idempotency_keys_user_id_name_unique (user_id, name),
                KEY idempotency_keys_made_at_index (made_at),
                CONSTRAINT idempotency_keys_status CHECK (status IS NULL OR status BETWEEN 100 AND 599)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS numbers (
                name varchar(24) NOT NULL,
                next bigint unsigned NOT NULL,
                PRIMARY KEY (name)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS imports (
                id char(36) NOT NULL,
                site_id bigint unsigned NOT NULL,
                user_id bigint unsigned,
                file_name varchar(150) NOT NULL,
                content longtext NOT NULL,
                made_at datetime(6) NOT NULL,
                loaded_at datetime(6),
                what varchar(12) NOT NULL DEFAULT 'register',
                state varchar(12) NOT NULL DEFAULT 'checked',
                mapping json,
                style json,
                trial longtext,
                failure varchar(500),
                made int unsigned NOT NULL DEFAULT 0,
                changed int unsigned NOT NULL DEFAULT 0,
                taken_back_at datetime(6),
                loaded_as int unsigned,
                PRIMARY KEY (id),
                KEY imports_site_id_what_state_loaded_as_index (site_id, what, state, loaded_as),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS import_traces (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                import_id char(36) NOT NULL,
                kind varchar(20) NOT NULL,
                subject_id bigint unsigned NOT NULL,
                did varchar(8) NOT NULL,
                `before` json NOT NULL,
                after json NOT NULL,
                PRIMARY KEY (id),
                FOREIGN KEY (import_id) REFERENCES imports (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS webhooks (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                site_id bigint unsigned NOT NULL,
                url varchar(500) NOT NULL,
                secret text NOT NULL,
                events json NOT NULL,
                active tinyint(1) NOT NULL DEFAULT 1,
                PRIMARY KEY (id),
                KEY webhooks_site_id_active_index (site_id, active),
                FOREIGN KEY (site_id) REFERENCES sites (id)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS webhook_deliveries (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                webhook_id bigint unsigned NOT NULL,
                event varchar(40) NOT NULL,
                body text NOT NULL,
                state varchar(10) NOT NULL,
                attempts tinyint unsigned NOT NULL,
                status smallint unsigned,
                said varchar(250),
                made_at datetime(6) NOT NULL,
                sent_at datetime(6),
                next_at datetime(6),
                PRIMARY KEY (id),
                KEY webhook_deliveries_webhook_id_index (webhook_id, id),
                FOREIGN KEY (webhook_id) REFERENCES webhooks (id),
                CONSTRAINT webhook_deliveries_state CHECK (state IN ('waiting', 'delivered', 'failed'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS webhook_hosts (
                host varchar(120) NOT NULL,
                PRIMARY KEY (host)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS personal_access_tokens (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                tokenable_type varchar(40) NOT NULL,
                tokenable_id bigint unsigned NOT NULL,
                name varchar(80) NOT NULL,
                token varchar(64) NOT NULL,
                abilities text,
                last_used_at datetime(6),
                expires_at datetime(6),
                created_at datetime(6),
                updated_at datetime(6),
                PRIMARY KEY (id),
                UNIQUE KEY personal_access_tokens_token_unique (token),
                KEY personal_access_tokens_tokenable_type_tokenable_id_index (tokenable_type, tokenable_id),
                KEY personal_access_tokens_expires_at_index (expires_at)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS sessions (
                id varchar(255) NOT NULL,
                user_id bigint unsigned,
                ip_address varchar(45),
                user_agent text,
                payload longtext NOT NULL,
                last_activity int NOT NULL,
                PRIMARY KEY (id),
                KEY sessions_user_id_index (user_id),
                KEY sessions_last_activity_index (last_activity)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS jobs (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                queue varchar(255) NOT NULL,
                payload longtext NOT NULL,
                attempts tinyint unsigned NOT NULL,
                reserved_at int unsigned,
                available_at int unsigned NOT NULL,
                created_at int unsigned NOT NULL,
                PRIMARY KEY (id),
                KEY jobs_queue_index (queue)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS failed_jobs (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                uuid varchar(255) NOT NULL,
                connection text NOT NULL,
                queue text NOT NULL,
                payload longtext NOT NULL,
                exception longtext NOT NULL,
                failed_at datetime NOT NULL DEFAULT current_timestamp,
                PRIMARY KEY (id),
                UNIQUE KEY failed_jobs_uuid_unique (uuid)
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS record_fields (
                id bigint unsigned NOT NULL AUTO_INCREMENT,
                kind varchar(20) NOT NULL,
                name varchar(60) NOT NULL,
                type varchar(12) NOT NULL,
                unit varchar(12) NOT NULL DEFAULT '',
                choices json,
                only_for varchar(60),
                position smallint unsigned NOT NULL DEFAULT 0,
                retired tinyint(1) NOT NULL DEFAULT 0,
                PRIMARY KEY (id),
                UNIQUE KEY record_fields_kind_name_unique (kind, name),
                CONSTRAINT record_fields_type CHECK (type IN ('text', 'number', 'money', 'date', 'yes or no', 'choice',
                    'link'))
            )
            SQL,
        <<<'SQL'
            CREATE TABLE IF NOT EXISTS record_values (
                field_id bigint unsigned NOT NULL,
                subject_id bigint unsigned NOT NULL,
                value varchar(500) NOT NULL,
                PRIMARY KEY (field_id, subject_id),
                KEY record_values_subject_id_index (subject_id),
                FOREIGN KEY (field_id) REFERENCES record_fields (id)
            )
            SQL,
    ];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            DB::statement($table);
        }
        Ledgers::close('audit_entries', 'audit_subjects');
    }
};
