<?php

declare(strict_types=1);

namespace App\Platform\Hooks;

/** Which numeric addresses the name of a machine has. */
class Hosts
{
    /** @return list<string> */
    public function ips(string $host): array
    {
        if (filter_var($host, FILTER_VALIDATE_IP) !== false) {
            return [$host];
        }
        $found = gethostbynamel($host);
        $six = @dns_get_record($host, DNS_AAAA);

        return array_values([
            ...$found === false ? [] : $found,
            ...array_column($six === false ? [] : $six, 'ipv6'),
        ]);
    }
}
