<?php

declare(strict_types=1);

namespace Sundial\Bench;

use App\Planning\Actions\SaveSchedule;
use App\Planning\Inputs\ScheduleInput;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Platform\Import\ImportFile;
use App\Platform\Import\LoadImport;
use App\Platform\Sites\Site;
use App\Register\Models\Asset;
use App\Work\Actions\Release\ReleaseDueVisits;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\Interval;
use Sundial\Calendar\LocalDate;
use Sundial\Calendar\Unit;
use Sundial\Calendar\WorkingDays;
use Sundial\Planning\Schedule\Facts;
use Sundial\Planning\Schedule\ScheduleRule;
use Sundial\Planning\Schedule\Start;
use Sundial\Planning\Trigger\CalendarTrigger;
use Sundial\Planning\Trigger\CarryOver;
use Sundial\Planning\Trigger\Triggers;
use Sundial\Planning\Visit\LeadTime;
use Sundial\Planning\Visit\VisitTerms;

/**
 * Times a release, an import and the outlook of the core, each beside the plainest way to do as much; answers in
 * JSON.
 */
final class MeasureWork extends Command
{
    /** What a release writes rows of, and by which column those of the last one are told. */
    private const MADE = [
        'work_orders' => 'id',
        'order_assets' => 'order_id',
        'order_spans' => 'order_id',
        'order_steps' => 'id',
        'order_labour' => 'id',
        'order_parts' => 'id',
        'visits' => 'id',
        'order_visits' => 'id',
        'part_claims' => 'id',
        'stock_demands' => 'id',
        'audit_entries' => 'id',
        'audit_subjects' => 'audit_entry_id',
    ];

    /** What the database works out of the rest of a row. */
    private const GENERATED = ['open_due_on' => 1, 'is_lacking' => 1];

    protected $signature = 'bench:work {what}';

    protected $description = 'Times one piece of work in the bench database';

    public function handle(Clock $clock): int
    {
        $this->line(
            (string) json_encode(
                match ($this->argument('what')) {
                    'release' => $this->release($clock),
                    'import' => $this->import(),
                    'readings' => $this->laravel->make(MeasureReadings::class)($clock->now()),
                    'signals' => $this->laravel->make(MeasureSignals::class)($clock->now()),
                    default => $this->outlook(),
                } + ['peak' => memory_get_peak_usage()],
            ),
        );

        return self::SUCCESS;
    }

    /** @return array{ours: float, plain: float, count: int} */
    private function release(Clock $clock): array
    {
        $site = Site::query()->firstOrFail();
        $today = LocalDate::parse($clock->now()->format('Y-m-d'));
        $this->laravel->make(ReleaseDueVisits::class)(Actor::sundial(), $site);
        $method = DB::table('methods')->value('id');
        $assets = Asset::query()->limit(250)->get();
        $save = $this->laravel->make(SaveSchedule::class);
        DB::transaction(static function () use ($assets, $save, $method, $today): void {
            for ($i = 0; $i < 1000; $i++) {
                $save(Actor::sundial(), null, $assets[$i % $assets->count()], ScheduleInput::of([
                    'name' => 'Bench check',
                    'method_id' => $method,
                    'rule' => 'interval',
                    'every' => 365,
                    'unit' => 'days',
                    'late_share' => 0,
                    'lead' => 5,
                    'approve_at_once' => true,
                    'anchor_on' => (string) $today->plusDays(3),
                ]));
            }
        });
        $last = [];
        foreach (self::MADE as $table => $key) {
            $last[$table] = (int) DB::table($table)->max($key);
        }
        $began = hrtime(true);
        $batch = $this->laravel->make(ReleaseDueVisits::class)(Actor::sundial(), $site);
        $ours = (hrtime(true) - $began) / 1e9;
        $rows = [];
        foreach (self::MADE as $table => $key) {
            $rows[$table] = DB::table($table)
                ->where($key, '>', $last[$table])
                ->get()
                ->map(static fn (object $row): array => array_diff_key((array) $row, self::GENERATED))
                ->all();
            DB::statement("CREATE TABLE plain_{$table} LIKE {$table}");
        }
        $began = hrtime(true);
        DB::transaction(static function () use ($rows): void {
            foreach ($rows as $table => $all) {
                foreach (array_chunk($all, 500) as $chunk) {
                    DB::table("plain_{$table}")->insert($chunk);
                }
            }
        });
        $plain = (hrtime(true) - $began) / 1e9;
        foreach (array_keys(self::MADE) as $table) {
            DB::statement("DROP TABLE plain_{$table}");
        }

        return ['ours' => $ours, 'plain' => $plain, 'count' => $batch->made];
    }

    /** @return array{ours: float, plain: float, count: int} */
    private function import(): array
    {
        $site = Site::query()->firstOrFail();
        $csv = "kind,tag,name,class,place,parent\n";
        $bare = '';
        for ($i = 0; $i < 10000; $i++) {
            $csv .= sprintf(
                "asset,IMP-%05d,Imported %d,loom,%s,%s\n",
                $i,
                $i,
                $i % 4 === 0 ? 'H'.(($i % 25) + 1) : '',
                $i % 4 === 0 ? '' : sprintf('IMP-%05d', $i - ($i % 4)),
            );
            $bare .= sprintf(
                "%d\t1\t%d\tRAW-%05d\tImported %d\tC\tin service\t/L1/A%d/\n",
                $site->id,
                1,
                $i,
                $i,
                $i,
            );
        }
        $began = hrtime(true);
        $file = $this->laravel->make(ImportFile::class)(Actor::sundial(), 'register', $site->id, $csv, 'bench.csv');
        $count = $this->laravel->make(LoadImport::class)(Actor::sundial(), $file->id)->made;
        $ours = (hrtime(true) - $began) / 1e9;
        $file = storage_path('bench.tsv');
        file_put_contents($file, $bare);
        $pdo = new \PDO(
            'mysql:host='.
                config('database.connections.mariadb.host').
                ';port='.
                config('database.connections.mariadb.port').
                ';dbname='.
                config('database.connections.mariadb.database'),
            config('database.connections.mariadb.username'),
            config('database.connections.mariadb.password'),
            [\PDO::MYSQL_ATTR_LOCAL_INFILE => true],
        );
        $pdo->exec('CREATE TABLE plain_assets LIKE assets');
        $began = hrtime(true);
        $pdo->exec(
            "LOAD DATA LOCAL INFILE '{$file}' INTO TABLE plain_assets (site_id, location_id, class_id, tag, name, ".
                'criticality, life_state, path)',
        );
        $plain = (hrtime(true) - $began) / 1e9;
        $loaded = (int) $pdo->query('SELECT COUNT(*) FROM plain_assets')->fetchColumn();
        $pdo->exec('DROP TABLE plain_assets');
        unlink($file);

        return ['ours' => $ours, 'plain' => $plain, 'count' => min($count, $loaded)];
    }

    /** @return array{ours: float, plain: float, count: int} */
    private function outlook(): array
    {
        $start = LocalDate::of(2026, 1, 1);
        $end = $start->plusDays(731);
        $facts = Facts::on($start, WorkingDays::everyDay());
        $schedules = [];
        for ($i = 0; $i < 30000; $i++) {
            $every = [14, 28, 30, 60, 90, 91, 180, 365][$i % 8];
            $rule = ScheduleRule::of(
                Triggers::of(
                    CalendarTrigger::interval(
                        Interval::every($every, Unit::Days, $start->plusDays($i % $every)),
                        CarryOver::of([0, 50, 100][$i % 3], 0),
                    ),
                ),
                VisitTerms::of(LeadTime::days(5)),
            );
            $schedules[] = [$rule, $rule->begin(Start::at(1), $facts)];
        }
        $began = hrtime(true);
        $count = 0;
        foreach ($schedules as [$rule, $state]) {
            foreach ($rule->outlook($state, $facts) as $visit) {
                if ($visit->planned->isAfter($end)) {
                    break;
                }
                $count++;
            }
        }
        $ours = (hrtime(true) - $began) / 1e9;
        $began = hrtime(true);
        for ($i = 0; $i < $count; $i++) {
            $start->plusDays($i % 731);
        }

        return ['ours' => $ours, 'plain' => (hrtime(true) - $began) / 1e9, 'count' => $count];
    }
}
