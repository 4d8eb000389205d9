<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

Route::get('/up', fn () => response('up', 200, ['Content-Type' => 'text/plain']))->name('up');
