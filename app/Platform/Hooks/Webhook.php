<?php

declare(strict_types=1);

namespace App\Platform\Hooks;

use App\Platform\Records\Record;
use App\Platform\Subject;

/**
 * An address that is told of changes at a site.
 *
 * @property int $id
 * @property int $site_id
 * @property string $url
 * @property string $secret by which a receiver knows our signature
 * @property list<string> $events of which it is told; empty: of all
 * @property bool $active
 */
final class Webhook extends Record
{
    protected $table = 'webhooks';

    public $timestamps = false;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['secret' => 'encrypted', 'events' => 'array', 'active' => 'boolean'];

    public function subject(): Subject
    {
        return Subject::of('site', $this->site_id, $this->site_id);
    }
}
