<?php

declare(strict_types=1);

// Writes every text in a database, one a line, texts inside JSON too: texts.php DATABASE FILE

$pdo = new PDO("sqlite:{$argv[1]}");
$texts = [];
$collect = function (mixed $value) use (&$collect, &$texts): void {
    if (is_array($value)) {
        array_walk($value, $collect);
    } elseif (is_string($value) && $value !== '') {
        $inside = json_decode($value, true);
        is_array($inside) ? $collect($inside) : $texts[str_replace(["\n", "\r"], ' ', $value)] = true;
    }
};
foreach ($pdo->query("select name from sqlite_master where type = 'table' and name not like 'sqlite_%'")->fetchAll(PDO::FETCH_COLUMN) as $table) {
    foreach ($pdo->query("select * from \"{$table}\" limit 5000")->fetchAll(PDO::FETCH_ASSOC) as $row) {
        $collect($row);
    }
}
// Codes are not texts: a text is a name or more than one word.
$texts = array_filter(array_keys($texts), fn (string|int $text): bool => preg_match('/\p{Lu}|\s/u', (string) $text) === 1);
file_put_contents($argv[2], implode("\n", $texts));
