<?php

declare(strict_types=1);

namespace App\Pictures;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use RuntimeException;

/** A camera in the house that answers a plain GET with a still image. */
final readonly class NetworkCamera
{
    private const SECONDS = 12;

    public function __construct(private string $url)
    {
    }

    /**
     * Of the own house alone: the server is not to be sent to ask elsewhere.
     *
     * @throws InvalidEntry naming the field "url"
     */
    public static function at(string $url): self
    {
        $parts = parse_url($url);
        $host = is_array($parts) ? trim($parts['host'] ?? '', '[]') : '';
        if ($host === '' || ! in_array($parts['scheme'] ?? '', ['http', 'https'], true)) {
            throw InvalidEntry::because('url', Finding::of('picture.no_camera_address'));
        }
        $address = filter_var($host, FILTER_VALIDATE_IP) !== false ? $host : gethostbyname($host);
        // Neither private nor reserved: somewhere in the world.
        if (filter_var($address, FILTER_VALIDATE_IP) === false || filter_var($address, FILTER_VALIDATE_IP, FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE) !== false) {
            throw InvalidEntry::because('url', Finding::of('picture.camera_elsewhere'));
        }

        return new self($url);
    }

    /** @throws InvalidEntry when it does not answer with a picture */
    public function still(): ReceivedPicture
    {
        try {
            $answer = Http::timeout(self::SECONDS)->connectTimeout(3)->withOptions(['allow_redirects' => false, 'on_headers' => function ($head): void {
                if ((int) $head->getHeaderLine('Content-Length') > ReceivedPicture::MOST_BYTES) {
                    throw new RuntimeException('Too large.');
                }
            }])->get($this->url);
        } catch (ConnectionException|RuntimeException) {
            throw ReceivedPicture::refused(Finding::of('picture.camera_silent'));
        }
        if (! $answer->successful()) {
            throw ReceivedPicture::refused(Finding::of('picture.camera_refuses', status: (string) $answer->status()));
        }

        return ReceivedPicture::of($answer->body());
    }
}
