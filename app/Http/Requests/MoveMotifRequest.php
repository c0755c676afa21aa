<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\LengthOutOfRange;
use Ephemeron\Measure\MalformedLength;
use Ephemeron\Measure\Unit;
use Illuminate\Foundation\Http\FormRequest;

/** The motif under a face, so far to the right and down, in the unit of the book or as sums; with a minus to the left and up. */
final class MoveMotifRequest extends FormRequest
{
    use ReturnsToStage;

    /** Centimetres; further than any sheet is long. */
    private const MOST = 200;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'place' => ['required', 'string', 'max:190', 'regex:~^[a-z0-9/#-]+$~D'],
            'right' => ['nullable', $this->isFar(...)],
            'down' => ['nullable', $this->isFar(...)],
            'free' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'place.*' => 'There is no such face.',
        ];
    }

    public function place(): string
    {
        return $this->string('place')->value();
    }

    /** @throws MalformedLength|LengthOutOfRange */
    public function far(string $way): Length
    {
        return $this->read(is_string($this->input($way)) ? $this->input($way) : '0');
    }

    private function isFar(string $way, mixed $said, \Closure $fail): void
    {
        $tooFar = "How far {$way}: at most two metres.";
        try {
            if (! is_string($said) || abs($this->read($said)->inMillimetres()) > 10 * self::MOST) {
                $fail($tooFar);
            }
        } catch (LengthOutOfRange) {
            $fail($tooFar);
        } catch (MalformedLength) {
            $fail("How far {$way}: like 1/2, or like -1/4 the other way.");
        }
    }

    /** Lengths begin at nothing: what goes the other way is taken from the most that it may be. */
    private function read(string $said): Length
    {
        $plain = (string) preg_replace('/^\s*[-−]\s*/u', '', $said, count: $isBack);
        $project = $this->route('project');
        $written = $project instanceof Project ? $project->design['unit'] ?? '' : '';
        $unit = Unit::tryFrom(is_string($written) ? $written : '') ?? Unit::Inch;
        $most = self::MOST.' cm';

        return $isBack === 0 ? Length::parse($plain, $unit)
            : Length::ofTicks(Length::parse("{$most} - {$plain}", $unit)->ticks - Length::parse($most)->ticks);
    }

    protected function getRedirectUrl(): string
    {
        $project = $this->route('project');

        return $project instanceof Project ? route(
            'motif',
            [$project, 'place' => is_string($this->input('place')) ? $this->input('place') : ''],
        ) : route('shelf');
    }
}
