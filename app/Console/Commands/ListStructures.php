<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Ephemeron\Design\Parameter;
use Ephemeron\Design\ParameterKind;
use Ephemeron\Measure\Length;
use Ephemeron\Measure\Notation;
use Ephemeron\Measure\Unit;
use Ephemeron\Structure\Catalogue;
use Ephemeron\Structure\Structure;
use Illuminate\Console\Command;

final class ListStructures extends Command
{
    protected $signature = 'ephemeron:structures {--json : as JSON, for other programs}';

    protected $description = 'Lists the structures and their parameters';

    public function handle(Catalogue $catalogue): int
    {
        if ($this->option('json')) {
            $this->output->writeln(json_encode(
                array_map($this->describe(...), $catalogue->all()),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            ));

            return self::SUCCESS;
        }
        foreach ($catalogue->all() as $structure) {
            $this->line("<options=bold>{$structure->name()}</> ({$structure->key()})");
            $this->line("  {$structure->summary()}");
            foreach ($structure->parameters() as $parameter) {
                $this->line(sprintf('  %-18s %-14s %s', $parameter->key, $this->text($parameter->default(Unit::Inch), Unit::Inch), $parameter->meaning));
            }
            $this->newLine();
        }

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private function describe(Structure $structure): array
    {
        return [
            'key' => $structure->key(),
            'name' => $structure->name(),
            'summary' => $structure->summary(),
            'parameters' => array_map($this->describeParameter(...), $structure->parameters()),
        ];
    }

    /** @return array<string, mixed> */
    private function describeParameter(Parameter $parameter): array
    {
        $isLength = $parameter->kind === ParameterKind::Length;

        return [
            'key' => $parameter->key,
            'name' => $parameter->name,
            'kind' => $parameter->kind->value,
            'unit' => $isLength ? Unit::Inch->value : null,
            'default' => $this->value($parameter->default(Unit::Inch), Unit::Inch),
            'metricDefault' => $this->value($parameter->default(Unit::Centimetre), Unit::Centimetre),
            'minimum' => $this->value($parameter->minimum, Unit::Inch),
            'maximum' => $this->value($parameter->maximum, Unit::Inch),
            'choices' => $parameter->choices === [] ? null : array_map(strval(...), array_keys($parameter->choices)),
            'meaning' => $parameter->meaning,
        ];
    }

    private function value(Length|int|string|bool|null $value, Unit $unit): int|string|bool|null
    {
        return $value instanceof Length ? Notation::usual($unit)->exact($value) : $value;
    }

    private function text(Length|int|string|bool|null $value, Unit $unit): string
    {
        return match (true) {
            $value instanceof Length => Notation::usual($unit)->text($value),
            is_bool($value) => $value ? 'yes' : 'no',
            default => (string) $value,
        };
    }
}
