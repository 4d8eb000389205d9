<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Planning\Projections\PutOffVisits;
use App\Platform\Clock\Clock;
use App\Platform\Clock\SetClock;
use App\Platform\Sites\BeginDay;
use App\Platform\Sites\Site;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;

/** Loads the demo plant into an empty database: the plant, and eighteen months of its history up to now. */
final class LoadDemo extends Command
{
    protected $signature = 'demo:load';

    protected $description = 'Loads the demo plant, Ollerfell Mill, into an empty database';

    public function handle(Clock $clock): int
    {
        if (Site::query()->exists()) {
            $this->error('There is data in this database already; the demo plant is only loaded into an empty one.');

            return self::FAILURE;
        }
        $now = $clock->now();
        $played = new SetClock($now);
        $this->laravel->singleton(DemoStores::class);
        $this->laravel->singleton(DemoKeeping::class);
        $this->laravel->singleton(DemoLines::class);
        // Everything that is made from here on takes its time from the played clock.
        $this->laravel->instance(Clock::class, $played);
        $this->laravel->make(PutOffVisits::class)->while(function () use ($played, $now): void {
            $start = DB::transaction(
                fn (): LocalDate => $this->laravel->make(DemoPlant::class)->build($played, $now),
            );
            $today = LocalDate::parse($now->format('Y-m-d'));
            $stores = $this->laravel->make(DemoStores::class);
            DB::transaction(static fn () => $stores->open());
            $work = $this->laravel->make(DemoWork::class);
            DB::transaction(static fn () => $work->setUp());
            $this->laravel->make(DemoHistory::class)->play($played, $start, $today);
            DB::transaction(static fn () => $work->thisMorning($played, $today));
            DB::transaction(static fn () => $stores->thisMorning($played, $today));
            $keeping = $this->laravel->make(DemoKeeping::class);
            DB::transaction(static fn () => $keeping->thisMorning($played, $today));
            DB::transaction(fn () => $this->laravel->make(DemoShutdown::class)->ahead($played, $today));
            DB::transaction(fn () => $this->laravel->make(DemoRegister::class)->fill($played, $now));
            $lines = $this->laravel->make(DemoLines::class);
            DB::transaction(static fn () => $lines->lately($played, $today, $now));
        });
        $this->laravel->instance(Clock::class, $clock);
        $begin = $this->laravel->make(BeginDay::class);
        Site::query()->get()->each(fn (Site $site) => $begin($site));
        $this->info('Ollerfell Mill is loaded.');

        return self::SUCCESS;
    }
}
