<?php

declare(strict_types=1);

namespace App\Stops\Models;

use App\People\Models\Team;
use App\Platform\Records\Record;
use App\Platform\Subject;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sundial\Stops\Span;

/**
 * A shift of a line on a day: its time as it was worked, what was made, and what that came to.
 *
 * @property int $id
 * @property int $site_id
 * @property int $line_id
 * @property string $day the day on which it begins
 * @property string $shift
 * @property string $from_at
 * @property string $to_at
 * @property list<array{from: int, to: int, worked: bool}> $breaks
 * @property int|null $team_id
 * @property string|null $remark
 * @property int $planned_s
 * @property int $run_s
 * @property string $ideal_s
 * @property string $good_s
 * @property int $wanted_s
 * @property string|null $counted_at when the five were added up
 * @property int|null $to_count 1 where that was not after its end
 * @property string|null $signed_at
 * @property string|null $signed_who
 * @property int $version
 * @property-read Line $line
 * @property-read Team|null $team
 * @property-read Collection<int, ProductRun> $runs
 */
final class ShiftRecord extends Record
{
    protected $table = 'shift_records';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    /** @var array<string, string> */
    protected $casts = ['breaks' => 'array'];

    /** @return BelongsTo<Line, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(Line::class, 'line_id');
    }

    /** @return BelongsTo<Team, $this> */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class, 'team_id');
    }

    /** @return HasMany<ProductRun, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(ProductRun::class, 'record_id')->orderBy('from_at');
    }

    public function span(): Span
    {
        return Span::between(self::second($this->from_at), self::second($this->to_at));
    }

    /** @return list<Span> those that were not worked */
    public function rests(): array
    {
        return array_values(array_map(
            static fn (array $one): Span => Span::between($one['from'], $one['to']),
            array_filter($this->breaks, static fn (array $one): bool => ! $one['worked']),
        ));
    }

    /** @return list<int> the breaks that were worked, by their place */
    public function worked(): array
    {
        return array_keys(array_filter($this->breaks, static fn (array $one): bool => $one['worked']));
    }

    public static function second(string $at): int
    {
        return (new DateTimeImmutable($at, new DateTimeZone('UTC')))->getTimestamp();
    }

    public static function at(int $second): string
    {
        return gmdate('Y-m-d H:i:s', $second);
    }

    public function subject(): Subject
    {
        return Subject::of('shift', $this->id, $this->site_id);
    }
}
