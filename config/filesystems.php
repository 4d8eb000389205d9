<?php

declare(strict_types=1);

return [
    'disks' => [
        // Files are given out by our own routes, to those who may see the record that they belong to.
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => true],
    ],
];
