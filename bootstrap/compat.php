<?php

declare(strict_types=1);

/*
 * Stand-ins for two small packages that not every package mirror carries.
 *
 * laravel/framework 12 asks for symfony/clock (Carbon implements its interface) and
 * symfony/polyfill-php85 (array_first and friends). composer.json lists both under
 * "replace", with fruitcake/php-cors and league/config, so that an installation does
 * not need them:
 *  - php-cors: the application answers its own origin only; bootstrap/app.php removes the HandleCors middleware.
 *  - league/config: wanted by the Markdown renderer only, and no page or mail uses Markdown.
 *  - clock and the polyfill: what the framework calls of them is below, guarded, so that
 *    the real packages win wherever they are installed.
 */

namespace Symfony\Component\Clock {
    if (! interface_exists(ClockInterface::class)) {
        interface ClockInterface extends \Psr\Clock\ClockInterface
        {
            public function sleep(float|int $seconds): void;

            public function withTimeZone(\DateTimeZone|string $timezone): static;
        }
    }
}

namespace {
    if (! function_exists('array_first')) {
        /** @param array<array-key, mixed> $array */
        function array_first(array $array): mixed
        {
            return $array === [] ? null : $array[array_key_first($array)];
        }
    }

    if (! function_exists('array_last')) {
        /** @param array<array-key, mixed> $array */
        function array_last(array $array): mixed
        {
            return $array === [] ? null : $array[array_key_last($array)];
        }
    }

    if (! function_exists('get_error_handler')) {
        function get_error_handler(): ?callable
        {
            $handler = set_error_handler(static fn (): bool => false);
            restore_error_handler();

            return $handler;
        }
    }

    if (! function_exists('get_exception_handler')) {
        function get_exception_handler(): ?callable
        {
            $handler = set_exception_handler(null);
            restore_exception_handler();

            return $handler;
        }
    }
}
