<?php

declare(strict_types=1);

namespace App\Stops\Models;

use App\Platform\Records\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The sign-in of a tablet at a line: of that line alone, until it is revoked.
 *
 * @property int $id
 * @property int $site_id
 * @property int $line_id
 * @property string $name
 * @property string $secret hashed
 * @property string|null $seen_at
 * @property string|null $revoked_at
 * @property-read Line $line
 */
final class LineTablet extends Record
{
    protected $table = 'line_tablets';

    protected $guarded = [];

    /** @return BelongsTo<Line, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(Line::class, 'line_id');
    }

    public static function hashed(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
