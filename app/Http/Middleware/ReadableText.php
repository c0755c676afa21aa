<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What is typed is text: bytes that are none become the sign for what cannot be read, so that nothing stumbles over them. */
final class ReadableText
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        foreach ([$request->query, $request->request] as $input) {
            /** @var array<string, mixed> $read */
            $read = $this->read($input->all());
            $input->replace($read);
        }

        return $next($request);
    }

    /**
     * @param array<array-key, mixed> $input
     * @return array<array-key, mixed>
     */
    private function read(array $input): array
    {
        $read = [];
        foreach ($input as $key => $value) {
            $read[is_string($key) ? $this->text($key) : $key] = match (true) {
                is_array($value) => $this->read($value),
                is_string($value) => $this->text($value),
                default => $value,
            };
        }

        return $read;
    }

    private function text(string $bytes): string
    {
        return str_replace("\0", "\u{FFFD}", mb_check_encoding($bytes, 'UTF-8') ? $bytes : mb_scrub($bytes, 'UTF-8'));
    }
}
