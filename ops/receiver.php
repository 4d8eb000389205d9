<?php

declare(strict_types=1);

/* What `./sundial receive` answers with: 204 for a message that is ours and fresh, 401 for any other. */

use Sundial\Hooks\Signature;

require __DIR__.'/../core/Hooks/Signature.php';

$body = (string) file_get_contents('php://input');
$header = (string) ($_SERVER['HTTP_SUNDIAL_SIGNATURE'] ?? '');
$isRight = Signature::isRight($header, (string) getenv('SUNDIAL_HOOK_SECRET'), $body, time());
error_log(($isRight ? 'taken ' : 'refused, wrong signature or too old: ').$body);
http_response_code($isRight ? 204 : 401);
