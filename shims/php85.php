<?php

declare(strict_types=1);

if (! function_exists('array_first')) {
    /**
     * PHP 8.5's own function, for the PHP 8.2 this runs on.
     *
     * @param  array<array-key, mixed>  $array
     */
    function array_first(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_first($array)];
    }
}

if (! function_exists('array_last')) {
    /**
     * PHP 8.5's own function, for the PHP 8.2 this runs on.
     *
     * @param  array<array-key, mixed>  $array
     */
    function array_last(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_last($array)];
    }
}

if (! function_exists('get_error_handler')) {
    /** PHP 8.5's own function, for the PHP 8.2 this runs on. */
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(null);
        restore_error_handler();

        return $handler;
    }
}

if (! function_exists('get_exception_handler')) {
    /** PHP 8.5's own function, for the PHP 8.2 this runs on. */
    function get_exception_handler(): ?callable
    {
        $handler = set_exception_handler(null);
        restore_exception_handler();

        return $handler;
    }
}
