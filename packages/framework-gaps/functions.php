<?php

declare(strict_types=1);

/*
 * The functions of PHP 8.5 that the framework calls and that its polyfill would bring. See README.md here.
 */

if (! function_exists('array_first')) {
    /** The first value of an array, null when it is empty. */
    function array_first(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_first($array)];
    }
}

if (! function_exists('array_last')) {
    /** The last value of an array, null when it is empty. */
    function array_last(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_last($array)];
    }
}

if (! function_exists('get_error_handler')) {
    /** The error handler in force; null when there is none. */
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(null);
        restore_error_handler();

        return $handler;
    }
}

if (! function_exists('get_exception_handler')) {
    /** The exception handler in force; null when there is none. */
    function get_exception_handler(): ?callable
    {
        $handler = set_exception_handler(null);
        restore_exception_handler();

        return $handler;
    }
}
