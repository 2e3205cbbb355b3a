<?php

// No uploaded files yet: the framework's default would route to a storage folder.
return ['default' => 'local', 'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false]]];
