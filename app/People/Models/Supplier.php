<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Platform\Records\Record;
use App\Platform\Subject;

/**
 * Somebody outside the plant who sells to it or works for it.
 *
 * @property int $id
 * @property string $name
 * @property bool $contractor
 * @property string|null $serves
 * @property string|null $contact
 * @property string|null $phone
 * @property string|null $email
 * @property string|null $website
 * @property string|null $address
 * @property string|null $notes
 * @property bool $active
 * @property int $version
 */
final class Supplier extends Record
{
    protected $table = 'suppliers';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'active' => true, 'contractor' => false];

    /** @var array<string, string> */
    protected $casts = ['contractor' => 'bool', 'active' => 'bool'];

    public function subject(): Subject
    {
        return Subject::of('supplier', $this->id);
    }
}
