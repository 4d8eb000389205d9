<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature/People', 'Feature/Register', 'Feature/Stops', 'Feature/Planning', 'Feature/Work', 'Feature/Platform');
// Two processes have to see each other's rows: no transaction around the test.
pest()->extend(TestCase::class)->in('Feature/Processes');
