<?php

declare(strict_types=1);

namespace App\Platform\Documents;

use App\Platform\Records\Record;
use Sundial\Files\FileKind;

/**
 * A content, kept once under its SHA-256, outside what the web server serves.
 *
 * @property int $id
 * @property string $sha256
 * @property string $type media type, found from the content
 * @property int $size bytes
 * @property int|null $width as a browser shows it
 * @property int|null $height
 */
final class StoredFile extends Record
{
    protected $table = 'files';

    public $timestamps = false;

    protected $guarded = [];

    public function path(string $of = ''): string
    {
        return storage_path('app/private/files/'.substr($this->sha256, 0, 2)."/{$this->sha256}{$of}");
    }

    public function kind(): FileKind
    {
        return FileKind::ofType($this->type);
    }

    /** A smaller picture for lists; the content itself where none was made. */
    public function thumbnail(): string
    {
        return is_file($this->path('.small')) ? $this->path('.small') : $this->path();
    }
}
