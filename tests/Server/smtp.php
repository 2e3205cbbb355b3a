<?php

declare(strict_types=1);

/*
 * A mail server as small as can be (RFC 5321): takes letters and writes each to
 * a file. Says its port on standard output. Arguments: a folder for letters;
 * "refuse" to refuse every recipient.
 */

[, $folder, $manner] = [...$argv, ''];
$server = stream_socket_server('tcp://127.0.0.1:0') ?: exit(1);
echo substr((string) strrchr((string) stream_socket_get_name($server, false), ':'), 1), "\n";
for ($number = 1; ($client = @stream_socket_accept($server, -1)) !== false;) {
    $say = fn (string $line) => fwrite($client, "{$line}\r\n");
    $say('220 stand-in');
    while (($line = fgets($client)) !== false) {
        $verb = strtoupper(strtok(rtrim($line), " \t:") ?: '');
        if ($verb === 'DATA') {
            $say('354 go on');
            $letter = '';
            while (($part = fgets($client)) !== false && rtrim($part, "\r\n") !== '.') {
                // A line that begins with a dot was sent with two (4.5.2).
                $letter .= str_starts_with($part, '..') ? substr($part, 1) : $part;
            }
            file_put_contents("{$folder}/{$number}.eml", $letter);
            $number++;
            $say('250 kept');
        } elseif ($verb === 'RCPT' && $manner === 'refuse') {
            $say('550 nobody of this name here');
        } elseif ($verb === 'QUIT') {
            $say('221 bye');
            break;
        } else {
            $say('250 ok');
        }
    }
    fclose($client);
}
