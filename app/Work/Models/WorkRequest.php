<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;
use App\Register\Models\Asset;
use App\Register\Models\Location;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sundial\Work\Request\HowSoon;
use Sundial\Work\Request\MayRun;
use Sundial\Work\Request\RequestState;

/**
 * A fault or a wish that somebody reported, on an asset or at a place.
 *
 * @property int $id
 * @property int $site_id
 * @property int $number
 * @property int|null $asset_id
 * @property int|null $location_id
 * @property string|null $symptom one of the class's usual words
 * @property string $what
 * @property HowSoon $how_soon
 * @property bool $down
 * @property string|null $down_since
 * @property string $reporter
 * @property int|null $user_id
 * @property string $origin
 * @property int|null $from_order_id
 * @property int|null $from_step
 * @property RequestState $state
 * @property MayRun|null $may_run
 * @property int|null $order_id
 * @property int|null $into_id
 * @property string|null $reason
 * @property string|null $secret_hash
 * @property string $received_at
 * @property string|null $answered_at
 * @property string|null $answered_who
 * @property string|null $mended
 * @property string|null $mended_at
 * @property int $version
 * @property-read Asset|null $asset
 * @property-read Location|null $location
 * @property-read WorkOrder|null $order
 * @property-read WorkOrder|null $fromOrder
 * @property-read WorkRequest|null $into
 * @property-read Collection<int, RequestWord> $words
 * @property-read Collection<int, RequestVoice> $voices
 */
final class WorkRequest extends Record
{
    protected $table = 'requests';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'state' => 'received'];

    /** @var array<string, string> */
    protected $casts = [
        'state' => RequestState::class,
        'how_soon' => HowSoon::class,
        'may_run' => MayRun::class,
        'down' => 'boolean',
    ];

    public function label(): string
    {
        return "R-{$this->number}";
    }

    /** What is wrong in a few words: the class's usual word, or the beginning of the sentence. */
    public function title(): string
    {
        $words = $this->symptom ?? mb_strimwidth($this->what, 0, 80, '…');

        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }

    public function subject(): Subject
    {
        return Subject::of('request', $this->id, $this->site_id);
    }

    /** The asset or the place that it is about. */
    public function about(): Subject
    {
        return $this->asset_id !== null
            ? Subject::of('asset', $this->asset_id, $this->site_id)
            : Subject::of('location', (int) $this->location_id, $this->site_id);
    }

    /** @return BelongsTo<Asset, $this> */
    public function asset(): BelongsTo
    {
        return $this->belongsTo(Asset::class);
    }

    /** @return BelongsTo<Location, $this> */
    public function location(): BelongsTo
    {
        return $this->belongsTo(Location::class);
    }

    /** @return BelongsTo<WorkOrder, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(WorkOrder::class, 'order_id');
    }

    /** @return BelongsTo<WorkOrder, $this> the order during which it was found */
    public function fromOrder(): BelongsTo
    {
        return $this->belongsTo(WorkOrder::class, 'from_order_id');
    }

    /** @return BelongsTo<WorkRequest, $this> the request that it is the same as */
    public function into(): BelongsTo
    {
        return $this->belongsTo(self::class, 'into_id');
    }

    /** How many minutes passed until somebody first answered; null as long as nobody has. */
    public function answeredAfter(): ?int
    {
        return $this->answered_at === null
            ? null
            : intdiv(strtotime($this->answered_at.' UTC') - strtotime($this->received_at.' UTC'), 60);
    }

    /** @return HasMany<RequestWord, $this> what was asked and answered */
    public function words(): HasMany
    {
        return $this->hasMany(RequestWord::class, 'request_id')->orderBy('id');
    }

    /** @return HasMany<RequestVoice, $this> those who said "me too" */
    public function voices(): HasMany
    {
        return $this->hasMany(RequestVoice::class, 'request_id')->orderBy('id');
    }
}
