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
