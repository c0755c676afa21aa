<?php

declare(strict_types=1);

namespace App\Club;

use App\Models\Maker;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Where a maker is signed in. */
final readonly class Sessions
{
    /** @return list<Session> the latest first */
    public function of(Maker $maker, string $here): array
    {
        $sessions = [];
        foreach (DB::table('sessions')->where('user_id', $maker->id)->latest('last_activity')->get() as $row) {
            $id = is_string($row->id ?? null) ? $row->id : '';
            $sessions[] = new Session(
                self::mark($id),
                self::from(is_string($row->user_agent ?? null) ? $row->user_agent : ''),
                is_string($row->ip_address ?? null) ? $row->ip_address : '',
                Carbon::createFromTimestamp(is_numeric($row->last_activity ?? null) ? (int) $row->last_activity : 0),
                $id === $here,
            );
        }

        return $sessions;
    }

    /** @param string $mark of the session; of another maker’s nothing is ended */
    public function end(Maker $maker, string $mark): void
    {
        foreach (DB::table('sessions')->where('user_id', $maker->id)->pluck('id')->all() as $id) {
            if (is_string($id) && hash_equals(self::mark($id), $mark)) {
                DB::table('sessions')->where('id', $id)->delete();
            }
        }
    }

    public function endOthers(Maker $maker, string $here = ''): void
    {
        DB::table('sessions')->where('user_id', $maker->id)->where('id', '!=', $here)->delete();
    }

    /** A session is not called by what it is known by: whoever reads that could come as its maker. */
    private static function mark(string $id): string
    {
        return substr(hash('sha256', $id), 0, 16);
    }

    private static function from(string $agent): string
    {
        $on = match (true) {
            str_contains($agent, 'iPad'), str_contains($agent, 'Tablet') => 'a tablet',
            str_contains($agent, 'Mobile') => 'a phone',
            $agent === '' => 'something that does not say what it is',
            default => 'a computer',
        };

        return $on;
    }
}
