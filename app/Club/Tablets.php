<?php

declare(strict_types=1);

namespace App\Club;

use App\Models\Device;
use App\Safekeeping\CannotBeKept;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\IpUtils;

/**
 * Tablets and phones that may come to a machine on which one works alone: each is let in by a code that is good once and for ten minutes,
 * and can be turned away. Only while one is wanted does anything listen on the network: {@see Tablets::ASKED}.
 */
final readonly class Tablets
{
    public const MINUTES = 10;

    public const COOKIE = 'ephemeron_tablet';

    /** Days a tablet is known that does not come. */
    public const DAYS = 60;

    /** A file that tells `bin/demo` to listen on the network too. */
    private const ASKED = 'tablets/asked';

    private const CODE = 'tablet-code';

    /** Neither 0 nor O, neither 1 nor I. */
    private const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

    private const LETTERS_LONG = 8;

    public function __construct(private Repository $cache)
    {
    }

    public static function isAtThisMachine(Request $request): bool
    {
        return IpUtils::checkIp($request->server->getString('REMOTE_ADDR'), ['127.0.0.0/8', '::1']);
    }

    /** Whether it was let in and not turned away. */
    public function knows(Request $request): bool
    {
        $token = $request->cookie(self::COOKIE);
        $device = is_string($token) ? Device::query()->where('token', hash('sha256', $token))->first() : null;
        if ($device === null || $device->updated_at->isBefore(now()->subDays(self::DAYS))) {
            return false;
        }
        if ($device->seen_at?->isAfter(now()->subMinute()) !== true) {
            // Where nothing can be written it may look all the same.
            rescue(static fn () => $device->update(['seen_at' => now()]), report: false);
        }

        return true;
    }

    /** @return string a code, which is the only one that is good then; the network is listened to from now on */
    public function code(): string
    {
        $code = '';
        for ($letter = 0; $letter < self::LETTERS_LONG; $letter++) {
            $code .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }
        $this->cache->put(self::CODE, hash('sha256', $code), now()->addMinutes(self::MINUTES));
        CannotBeKept::put(self::ASKED, '');

        return $code;
    }

    /** @return string|null what the tablet says each time it comes; null where the code is not, or not any more, good */
    public function letIn(string $code, string $name): ?string
    {
        $code = strtoupper((string) preg_replace('/[^0-9A-Za-z]/', '', $code));
        $good = $this->cache->get(self::CODE);
        if (! is_string($good) || ! hash_equals($good, hash('sha256', $code))) {
            return null;
        }
        // Of two who say it at once one gets in.
        if (! $this->cache->add(self::CODE."-used:{$good}", true, now()->addMinutes(self::MINUTES))) {
            return null;
        }
        $this->cache->forget(self::CODE);
        $token = bin2hex(random_bytes(32));
        Device::query()->create(['name' => $name, 'token' => hash('sha256', $token), 'seen_at' => now()]);

        return $token;
    }

    public function turnAway(Device $device): void
    {
        $device->delete();
        if (Device::query()->doesntExist()) {
            $this->stop();
        }
    }

    /** Nothing listens on the network any more. */
    public function stop(): void
    {
        $this->cache->forget(self::CODE);
        Storage::disk('local')->delete(self::ASKED);
    }

    public function isListening(): bool
    {
        return Storage::disk('local')->exists(self::ASKED);
    }

    /** @return string|null where a tablet finds this machine; null where it is on no network */
    public function address(): ?string
    {
        $port = config('ephemeron.tablet');
        $address = self::onTheNetwork();

        return $address === null || ! is_int($port) ? null : "http://{$address}:{$port}";
    }

    /** By which name tablets call this machine, while they may come. */
    public static function host(): string
    {
        return ! Club::isOpen() && Storage::disk('local')->exists(self::ASKED) ? (string) self::onTheNetwork() : '';
    }

    /** @return string|null the address of this machine on the network it is on */
    public static function onTheNetwork(): ?string
    {
        // Nothing is sent: the system is only asked by which way it would be.
        $socket = @stream_socket_client('udp://192.0.2.1:9', $code, $message, 1);
        $name = $socket === false ? false : stream_socket_get_name($socket, false);
        $address = $name === false ? '' : (string) preg_replace('/:\d+$/', '', $name);

        $isOne = filter_var($address, FILTER_VALIDATE_IP, FILTER_FLAG_IPV4) !== false && ! str_starts_with($address, '127.');

        return $isOne ? $address : null;
    }
}
