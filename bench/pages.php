<?php

declare(strict_types=1);

/*
 * Pages and an edit of the demo home as multiples of a nearly empty signed-in page (People) of the same server in the same run (bin/start
 * or bin/serve in another terminal, ADDRESS as it tells), and how many review pages a second it serves to one, four and sixteen readers at
 * once. Wanted: an edit's answer, plan and findings, 2.5 times the empty page, 4 at the 95th percentile; a review page that nobody changed
 * twice; no fewer pages a second with sixteen readers than with four.
 */

const ROUNDS = 200;
const READERS = [1, 4, 16];
const PAGES_EACH = 20;

$address = getenv('ADDRESS') ?: 'http://127.0.0.1:'.(getenv('PORT') ?: '8080');
$jar = tempnam(sys_get_temp_dir(), 'heurema-bench-');
$options = [
    CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar, CURLOPT_RETURNTRANSFER => true, CURLOPT_FOLLOWLOCATION => true,
    CURLOPT_SSL_VERIFYPEER => false,
];
$client = curl_init();
curl_setopt_array($client, $options + [CURLOPT_URL => "{$address}/up"]);
if (curl_exec($client) === false) {
    echo "Nothing answers at {$address}: bin/start or bin/serve first.\n";
    exit;
}
$get = static function (string $path) use ($client, $address): string {
    curl_setopt_array($client, [CURLOPT_HTTPGET => true, CURLOPT_URL => $address.$path, CURLOPT_HTTPHEADER => []]);

    return (string) curl_exec($client);
};
$post = static function (string $path, array $values, array $headers = []) use ($client, $address): string {
    curl_setopt_array(
        $client,
        [
            CURLOPT_URL => $address.$path,
            CURLOPT_POST => true,
            CURLOPT_POSTFIELDS => http_build_query($values),
            CURLOPT_HTTPHEADER => $headers,
        ],
    );

    return (string) curl_exec($client);
};
$find = static fn (string $pattern, string $html): string => preg_match($pattern, $html, $found) === 1
    ? $found[1]
    : throw new RuntimeException("Not found: {$pattern}");

$token = $find('/name="_token" value="([^"]+)"/', $get('/sign-in'));
$desk = $post('/sign-in', ['_token' => $token, 'email' => 'reviewer@heurema.test', 'password' => 'daylight']);
$revision = $find('#/revisions/(\d+)[^>]*>(?:(?!</a>).)*14 Orchard#s', $desk);
$scheme = $find('#/schemes/(\d+)/board#', $get("/revisions/{$revision}"));
$board = $get("/schemes/{$scheme}/board?select=gf8");
$csrf = $find('/csrf-token" content="([^"]+)"/', $board);
$version = (int) $find('/data-version="(\d+)"/', $board);
$known = '';

/** @return array{float, float} median and 95th percentile, ms */
$timed = static function (callable $work): array {
    $times = [];
    for ($round = 0; $round < ROUNDS; ++$round) {
        $start = hrtime(true);
        $work($round);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return [$times[intdiv(ROUNDS, 2)], $times[(int) (0.95 * ROUNDS)]];
};
$edit = static function (int $round) use ($post, $scheme, $csrf, &$version, &$known): void {
    $answer = $post(
        "/schemes/{$scheme}/acts/move",
        ['version' => $version, 'storey' => 'G', 'select' => 'gf8', 'by' => $round % 2 ? '-25.4,0' : '25.4,0'],
        ["X-CSRF-TOKEN: {$csrf}", "X-Board-Parts: {$known} -", 'Accept: text/html'],
    );
    ++$version;
    preg_match_all('/<!--part (\w+)-->/', $answer, $parts);
    $known = implode(' ', $parts[1]);
};

$figures = [
    'the empty page' => $timed(static fn () => $get('/people')),
    'a review page that nobody changed' => $timed(static fn () => $get("/revisions/{$revision}")),
    'something chosen on the board' => $timed(static fn () => $get("/schemes/{$scheme}/board?select=gf8")),
    'an edit on the board, plan and findings' => $timed($edit),
];
$empty = $figures['the empty page'][0];
printf("%-42s %8s %8s %14s\n", '', 'median', '95th', 'times the empty page');
foreach ($figures as $what => [$median, $late]) {
    printf("%-42s %7.1f  %7.1f  %8.1f, %.1f\n", $what, $median, $late, $median / $empty, $late / $empty);
}

foreach (READERS as $readers) {
    $crowd = curl_multi_init();
    $left = $readers * PAGES_EACH;
    $start = hrtime(true);
    $send = static function () use ($crowd, $options, $address, $revision, &$left): void {
        $one = curl_init("{$address}/revisions/{$revision}");
        curl_setopt_array($one, array_diff_key($options, [CURLOPT_COOKIEJAR => 0]));
        curl_multi_add_handle($crowd, $one);
        --$left;
    };
    curl_setopt($client, CURLOPT_COOKIELIST, 'FLUSH');
    for ($reader = 0; $reader < $readers; ++$reader) {
        $send();
    }
    do {
        curl_multi_exec($crowd, $running);
        while ($done = curl_multi_info_read($crowd)) {
            curl_multi_remove_handle($crowd, $done['handle']);
            if ($left > 0) {
                $send();
                $running = 1;
            }
        }
        curl_multi_select($crowd, 0.05);
    } while ($running > 0);
    printf(
        "%-42s %7.1f pages a second\n",
        "{$readers} ".($readers === 1 ? 'reader' : 'readers').' of the review page',
        $readers * PAGES_EACH / ((hrtime(true) - $start) / 1e9),
    );
}
