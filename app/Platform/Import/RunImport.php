<?php

declare(strict_types=1);

namespace App\Platform\Import;

use App\Platform\Audit\Actor;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Validation\ValidationException;
use Sundial\Support\SundialException;
use Throwable;

/** Checks, loads or takes back a large file behind the page. Killed half-way it did nothing, and is run again. */
final class RunImport implements ShouldQueue
{
    use Dispatchable, Queueable;

    public int $tries = 3;

    public int $timeout = 1800;

    public function __construct(
        public readonly string $id,
        public readonly string $todo,
        public readonly ?int $userId,
        public readonly string $name,
        public readonly ?int $work = null,
    ) {
    }

    public function handle(TryImport $try, LoadImport $load, TakeBackImport $takeBack): void
    {
        $by = $this->userId === null ? Actor::sundial() : Actor::person($this->userId, $this->name);
        $import = Import::query()->findOrFail($this->id);
        $import->noteRows(0);
        try {
            match ($this->todo) {
                'try' => $import
                    ->fill(['trial' => $try($by, $import)->problems, 'state' => Import::CHECKED])
                    ->save(),
                'load' => $load($by, $this->id, $this->work),
                default => $takeBack($by, $this->id),
            };
        } catch (ValidationException|SundialException $e) {
            $this->fallBack($e->getMessage());
        }
    }

    public function failed(?Throwable $e): void
    {
        $this->fallBack(
            'Something went wrong on our side, and nothing was done. It has been written down. Try again, and tell '.
                'your administrator if it stays.',
        );
    }

    private function fallBack(string $why): void
    {
        Import::query()
            ->whereKey($this->id)
            ->where('state', Import::WAITING)
            ->update([
                'state' => $this->todo === 'take back' ? Import::LOADED : Import::CHECKED,
                'failure' => mb_substr($why, 0, 500),
            ]);
    }
}
