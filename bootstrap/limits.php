<?php

// What one request may cost: a page that never ends must not burn on after its reader has left.
// Seconds are those of the processor, so that a busy machine does not cut a request short.
set_time_limit(20);
ini_set('memory_limit', '256M');

// Arguments in the traces of the log could be passwords.
ini_set('zend.exception_ignore_args', '1');
header_remove('X-Powered-By');
