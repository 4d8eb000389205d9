<?php

declare(strict_types=1);

namespace App\Platform\Import;

use App\Platform\Records\Record;
use Illuminate\Support\Facades\Cache;
use Sundial\Import\CellStyle;
use Sundial\Import\DateOrder;
use Sundial\Import\EmptyCell;
use Sundial\Import\NumberStyle;
use Sundial\Import\Sheet;

/**
 * A file that somebody brought, how it is to be read, and what became of it.
 *
 * @property string $id
 * @property string $what
 * @property int $site_id
 * @property int|null $user_id
 * @property string $file_name
 * @property string $content
 * @property array<int, string>|null $mapping
 * @property array{numbers: string, dates: string, empty: string}|null $style
 * @property string $state
 * @property list<array{row: int, column: string, message: string}>|null $trial
 * @property string|null $failure
 * @property string $made_at
 * @property string|null $loaded_at
 * @property int|null $loaded_as
 * @property int $made
 * @property int $changed
 * @property string|null $taken_back_at
 */
final class Import extends Record
{
    protected $table = 'imports';

    public const CHECKED = 'checked';

    public const WAITING = 'waiting';

    public const LOADED = 'loaded';

    public const TAKEN_BACK = 'taken back';

    /** More rows than these are worked off behind the page. */
    public const AT_ONCE = 300;

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'mapping' => 'array',
        'style' => 'array',
        'trial' => 'array',
        'site_id' => 'integer',
        'user_id' => 'integer',
        'made' => 'integer',
        'changed' => 'integer',
    ];

    public function style(): CellStyle
    {
        return $this->style === null
            ? CellStyle::guess($this->content)
            : CellStyle::of(
                NumberStyle::from($this->style['numbers']),
                DateOrder::from($this->style['dates']),
                EmptyCell::from($this->style['empty']),
            );
    }

    public function sheet(ImportKind $kind): Sheet
    {
        return Sheet::read($this->content, $kind->columns($this->site_id), $this->style(), $this->mapping);
    }

    /** Kept beside the database, since what loads the rows is one transaction that nobody sees before its end. */
    public function noteRows(int $through): void
    {
        Cache::put("import {$this->id}", $through, 3600);
    }

    /** About how many rows it has; counted once, since a page that waits asks every second. */
    public function size(): int
    {
        return (int) Cache::remember(
            "rows of import {$this->id}",
            3600,
            fn (): int => max(1, substr_count((string) self::query()->whereKey($this->id)->value('content'), "\n")),
        );
    }

    /** How many rows are through. */
    public function rowsThrough(): int
    {
        return (int) Cache::get("import {$this->id}", 0);
    }

    /** The last file of this kind at this site that was loaded and not taken back. */
    public static function last(string $what, int $siteId): ?self
    {
        return self::query()
            ->where('what', $what)
            ->where('site_id', $siteId)
            ->whereNotNull('loaded_as')
            ->where('state', '<>', self::TAKEN_BACK)
            ->orderByDesc('loaded_as')
            ->select(array_diff(self::COLUMNS, ['content']))
            ->first();
    }

    public const COLUMNS = [
        'id',
        'what',
        'site_id',
        'user_id',
        'file_name',
        'content',
        'mapping',
        'style',
        'state',
        'trial',
        'failure',
        'made_at',
        'loaded_at',
        'loaded_as',
        'made',
        'changed',
        'taken_back_at',
    ];
}
