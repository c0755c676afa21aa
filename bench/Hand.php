<?php

declare(strict_types=1);

namespace Bench;

/** One maker with a browser. */
final class Hand
{
    public const PHRASE = 'a load of paper on the table';

    public \CurlHandle $curl;

    public float $at = 0.0;

    public float $began = 0.0;

    public string $body = '';

    public string $what = '';

    private string $token = '';

    public string $book = '';

    public string $step = '';

    public bool $isTicked = false;

    public function __construct(private readonly string $address, public readonly string $name)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 60, CURLOPT_COOKIEFILE => '', CURLOPT_SSL_VERIFYPEER => false,
            CURLOPT_SSL_VERIFYHOST => 0, CURLOPT_ENCODING => 'gzip',
        ]);
    }

    public function get(string $path): \CurlHandle
    {
        $this->what = "GET {$path}";
        curl_setopt_array($this->curl, [CURLOPT_URL => $this->address.$path, CURLOPT_HTTPGET => true, CURLOPT_CUSTOMREQUEST => null]);

        return $this->curl;
    }

    /** @param array<string, string> $said */
    public function post(string $path, array $said): \CurlHandle
    {
        $this->what = "POST {$path}";
        curl_setopt_array($this->curl, [CURLOPT_URL => $this->address.$path, CURLOPT_POST => true,
            CURLOPT_POSTFIELDS => http_build_query(['_token' => $this->token, ...$said])]);

        return $this->curl;
    }

    public function took(string $body): void
    {
        $this->body = $body;
        if (preg_match('/name="_token" value="([^"]+)"/', $body, $found) === 1) {
            $this->token = $found[1];
        }
    }

    /** Alone and at once. */
    public function now(\CurlHandle $curl): float
    {
        $began = hrtime(true);
        $this->took((string) curl_exec($curl));
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        if ($status >= 400 || $status === 0) {
            fwrite(STDERR, "{$this->what} answered {$status}\n");
            exit(1);
        }

        return (hrtime(true) - $began) / 1e6;
    }

    public function signIn(): void
    {
        $this->now($this->get('/sign-in'));
        $this->now($this->post('/sign-in', ['name' => $this->name, 'phrase' => self::PHRASE]));
        $this->now($this->get('/'));
        preg_match('~/projects/(\d+)/plan~', $this->body, $found);
        $this->book = '/projects/'.($found[1] ?? '0');
        $this->now($this->get("{$this->book}/cut"));
        preg_match('/cut-[0-9a-f]{12}-\d+/', $this->body, $found);
        $this->step = $found[0] ?? '';
        // What is measured is a minute among others, not the first one of the day.
        foreach (['plan', 'bench', 'score'] as $page) {
            $this->now($this->get("{$this->book}/{$page}"));
        }
    }

    /** What comes next: three times looked at, once saved. */
    public function next(): \CurlHandle
    {
        $pages = ['/plan', '/cut', '/bench', '/score'];
        if (random_int(0, 3) > 0) {
            return $this->get($this->book.$pages[random_int(0, 3)]);
        }
        $this->isTicked = ! $this->isTicked;

        return $this->post("{$this->book}/ticks", ['_method' => 'PUT', 'step' => $this->step, 'done' => $this->isTicked ? '1' : '0']);
    }
}
