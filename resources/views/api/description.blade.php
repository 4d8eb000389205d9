<div class="head bare">
    <div>
        <div class="crumbs"><a href="/me">Account</a></div>
        <h2>API</h2>
        <div class="meta"><span>assets, meters, readings, schedules and the release for programs
                and machines, with a
                token of yours</span></div>
    </div>
    <div class="acts"><a class="btn slim" href="/api/v1/openapi.json" hx-boost="false">OpenAPI
            description</a></div>
</div>
<div class="body whole">
    <div class="secs form">
        <p>{{ $document['info']['description'] }}</p>
        <pre class="code" tabindex="0" aria-label="An example of a request">curl {{ url('/api/v1/readings') }} \
  -H "Authorization: Bearer $TOKEN" -H "Idempotency-Key: shift-2026-03-18-a" \
  --json '{"site": "OM", "readings": [{"tag": "SPN-07", "reading": "18412.5"}]}'</pre>
        <p>You make and revoke <a href="/me#tokens">your tokens</a> under Account. What is refused
            comes as <span class="tag">application/problem+json</span> (RFC 9457) with a
            sentence, and the reason at each field.
        </p>
        @foreach (collect($operations)->groupBy(fn($one) => $one['does']['tags'][0]) as $group => $some)
            <section class="part">
                <h3>{{ $group }}</h3>
                @foreach ($some as $one)
                    <details class="operation">
                        <summary><b class="tag">{{ $one['method'] }}</b> <span
                                class="tag">{{ $one['path'] }}</span>
                            <span>{{ $one['does']['summary'] }}</span>
                        </summary>
                        @php
                            $parameters = array_map(
                                fn($given) => isset($given['$ref'])
                                    ? $document['components']['parameters'][
                                        basename($given['$ref'])
                                    ]
                                    : $given,
                                $one['does']['parameters'] ?? [],
                            );
                        @endphp
                        @if ($parameters !== [])
                            <table class="dense">
                                <thead>
                                    <tr>
                                        <th>parameter</th>
                                        <th>in</th>
                                        <th>is</th>
                                    </tr>
                                </thead>
                                <tbody>
                                    @foreach ($parameters as $parameter)
                                        <tr>
                                            <td class="tag">{{ $parameter['name'] }}</td>
                                            <td>{{ $parameter['in'] }}</td>
                                            <td>{{ $parameter['description'] ?? 'the id of the record' }}
                                            </td>
                                        </tr>
                                    @endforeach
                                </tbody>
                            </table>
                        @endif
                        @isset($one['does']['requestBody'])
                            <p class="quiet small">For example:</p>
                            @php
                                $exampleWords = json_encode(
                                    $one['does']['requestBody']['content']['application/json'][
                                        'example'
                                    ],
                                    JSON_PRETTY_PRINT |
                                        JSON_UNESCAPED_UNICODE |
                                        JSON_UNESCAPED_SLASHES,
                                );
                            @endphp
                            <pre class="code" tabindex="0" aria-label="An example of what is sent">{{ $exampleWords }}</pre>
                        @endisset
                    </details>
                @endforeach
            </section>
        @endforeach
        <section class="part">
            <h3>Records</h3>
            @foreach ($document['components']['schemas'] as $name => $schema)
                <details class="operation">
                    <summary><b>{{ $name }}</b></summary>
                    <table class="dense">
                        <thead>
                            <tr>
                                <th>field</th>
                                <th>holds</th>
                                <th></th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($schema['properties'] as $field => $is)
                                <tr>
                                    <td class="tag">{{ $field }}</td>
                                    @php
                                        $enumWords = isset($is['enum'])
                                            ? implode(', ', array_filter($is['enum']))
                                            : implode(' or ', (array) ($is['type'] ?? '')) .
                                                (isset($is['format']) ? " ({$is['format']})" : '');
                                    @endphp
                                    <td>{{ $enumWords }}
                                    </td>
                                    <td>{{ $is['description'] ?? '' }}{{ $is['readOnly'] ?? false ? ' only read' : '' }}
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </details>
            @endforeach
        </section>
    </div>
</div>
