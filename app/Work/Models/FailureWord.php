<?php

declare(strict_types=1);

namespace App\Work\Models;

use App\Platform\Records\Record;
use Sundial\Work\Failure\FailureKind;

/**
 * A word for a failure, of a class or of all.
 *
 * @property int $id
 * @property FailureKind $kind
 * @property int|null $class_id
 * @property string $word
 * @property int $position
 * @property bool $usual
 * @property bool $retired
 */
final class FailureWord extends Record
{
    protected $table = 'failure_words';

    public $timestamps = false;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['kind' => FailureKind::class, 'usual' => 'boolean', 'retired' => 'boolean'];
}
