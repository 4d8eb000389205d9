<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use App\Register\Models\Asset;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Sundial\Calendar\LocalDate;
use Sundial\Work\Shutdown\ScopeDay;
use Sundial\Work\Shutdown\ShutdownWindow;

/**
 * Orders that are worked while something stands, from an instant to another.
 *
 * @property int $id
 * @property int $site_id
 * @property int $number
 * @property string $title
 * @property string $from_at
 * @property string $to_at
 * @property string|null $scope_on the day on which its scope is frozen
 * @property string|null $about
 * @property string|null $over_at when it was said to be over
 * @property string|null $over_who
 * @property int $version
 * @property-read Collection<int, Asset> $standing
 * @property-read Collection<int, WorkOrder> $orders
 */
final class Shutdown extends Record
{
    protected $table = 'shutdowns';

    protected $guarded = [];

    protected $attributes = ['version' => 1];

    public function label(): string
    {
        return "SD-{$this->number}";
    }

    public function subject(): Subject
    {
        return Subject::of('shutdown', $this->id, $this->site_id);
    }

    public function window(): ShutdownWindow
    {
        $zone = new DateTimeZone('UTC');

        return ShutdownWindow::of(
            new DateTimeImmutable($this->from_at, $zone),
            new DateTimeImmutable($this->to_at, $zone),
        );
    }

    public function scope(): ScopeDay
    {
        return ScopeDay::on($this->scope_on === null ? null : LocalDate::parse($this->scope_on));
    }

    public function isOver(): bool
    {
        return $this->over_at !== null;
    }

    /** @return BelongsToMany<Asset, $this> what stands, with all that is inside it */
    public function standing(): BelongsToMany
    {
        return $this->belongsToMany(Asset::class, 'shutdown_assets')->orderBy('tag');
    }

    /** @return BelongsToMany<WorkOrder, $this> */
    public function orders(): BelongsToMany
    {
        return $this->belongsToMany(WorkOrder::class, 'shutdown_orders', 'shutdown_id', 'order_id');
    }
}
