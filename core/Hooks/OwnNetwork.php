<?php

declare(strict_types=1);

namespace Sundial\Hooks;

use Sundial\Support\InvalidInput;

/**
 * Keeps messages out of one's own network: who may set an address must not reach machines that only this one reaches.
 * Own are the addresses of RFC 1918, RFC 6598, RFC 4193, loopback, link-local, multicast and what is reserved.
 */
final readonly class OwnNetwork
{
    /**
     * The host and the port of an address that can be told.
     *
     * @return array{string, int}
     *
     * @throws InvalidInput no_address
     */
    public static function target(string $url): array
    {
        $parts = parse_url($url);
        $scheme = strtolower((string) ($parts['scheme'] ?? ''));
        $host = strtolower(trim((string) ($parts['host'] ?? ''), '[]'));
        $isPlain = ! isset($parts['user']) && ! isset($parts['pass']) && ! isset($parts['fragment']);
        if (! in_array($scheme, ['http', 'https'], true) || $host === '' || ! $isPlain || strlen($url) > 500) {
            throw InvalidInput::because(
                'no_address',
                'url',
                'Give an address that begins with https:// or http://, without a name or a password in it.',
                $url,
            );
        }

        return [$host, (int) ($parts['port'] ?? ($scheme === 'https' ? 443 : 80))];
    }

    /** Whether a numeric address is of one's own network, or cannot be a host at all. */
    public static function holds(string $ip): bool
    {
        // An IPv4 address in the clothes of an IPv6 one.
        if (preg_match('/^::ffff:(\d+\.\d+\.\d+\.\d+)$/i', $ip, $found) === 1) {
            $ip = $found[1];
        }
        $flags = FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE;
        if (filter_var($ip, FILTER_VALIDATE_IP, $flags) === false) {
            return true;
        }

        // Carrier-grade (RFC 6598) and multicast are missing from the flags.
        return preg_match('/^(100\.(6[4-9]|[7-9]\d|1[01]\d|12[0-7])\.|2(2[4-9]|3\d)\.|ff|fe[89ab])/i', $ip) === 1;
    }

    /**
     * @param  list<string>  $ips  of the host
     * @param  list<string>  $listed  hosts of one's own network that may be told, "name" or "name:port"
     *
     * @throws InvalidInput own_network, or unknown_host where it has no address
     */
    public static function check(string $url, array $ips, array $listed): void
    {
        [$host, $port] = self::target($url);
        if ($ips === []) {
            throw InvalidInput::because('unknown_host', 'url', "No machine is known by the name {$host}.", $url);
        }
        $isListed = array_intersect([$host, "{$host}:{$port}"], array_map(strtolower(...), $listed)) !== [];
        $own = array_filter($ips, self::holds(...));
        if ($own !== [] && ! $isListed) {
            throw InvalidInput::because(
                'own_network',
                'url',
                "{$host} is a machine of your own network. A plant administrator lists it first, if it may be told.",
                $url,
            );
        }
    }
}
