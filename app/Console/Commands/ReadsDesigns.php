<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Ephemeron\Format\InvalidDesign;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

/** What commands that take a design file have in common: reading it, and saying what is wrong with it. */
trait ReadsDesigns
{
    /** One byte more than the reader accepts is enough to be told that it is too much. */
    private function contents(string $file): string
    {
        $contents = $file === '-' || (file_exists($file) && ! is_dir($file))
            ? @file_get_contents($file === '-' ? 'php://stdin' : $file, length: 1_000_001)
            : false;

        return $contents !== false ? $contents : throw InvalidDesign::whole('There is no such file, or it cannot be read.');
    }

    private function complain(string $file, InvalidDesign $error): void
    {
        $output = $this->output->getOutput();
        $stderr = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $name = $file === '-' ? 'standard input' : $file;
        foreach ($error->errors as $place => $sentence) {
            $stderr->writeln($place === '' ? "{$name}: {$sentence}" : "{$name}, at {$place}: {$sentence}", $stderr::OUTPUT_RAW);
        }
    }

    /** Names come from outside: no console markup is read in them. */
    private function raw(string $text): void
    {
        $this->output->writeln((string) preg_replace('/[\x00-\x08\x0B-\x1F\x7F]/', '', $text), $this->output::OUTPUT_RAW);
    }
}
