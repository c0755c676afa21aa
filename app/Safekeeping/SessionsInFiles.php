<?php

declare(strict_types=1);

namespace App\Safekeeping;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Session\FileSessionHandler;

/** Sessions in files, of which none is lost when the disk is full: the new one takes the place of the old one when it is written whole. */
final readonly class SessionsInFiles implements \SessionHandlerInterface
{
    private FileSessionHandler $files;

    public function __construct(private Filesystem $filesystem, private string $folder, int $minutes)
    {
        $this->files = new FileSessionHandler($filesystem, $folder, $minutes);
    }

    public function open(string $path, string $name): bool
    {
        return $this->files->open($path, $name);
    }

    public function close(): bool
    {
        return $this->files->close();
    }

    public function read(string $id): string|false
    {
        return $this->files->read($id);
    }

    public function write(string $id, string $data): bool
    {
        try {
            $this->filesystem->replace("{$this->folder}/{$id}", $data);
        } catch (\ErrorException) {
            // Pages are read all the same; `/up` tells what is wrong.
            array_map(unlink(...), glob("{$this->folder}/{$id}??????") ?: []);
        }

        return true;
    }

    public function destroy(string $id): bool
    {
        return $this->files->destroy($id);
    }

    public function gc(int $max_lifetime): int
    {
        return $this->files->gc($max_lifetime);
    }
}
