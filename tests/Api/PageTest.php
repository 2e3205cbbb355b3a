<?php

declare(strict_types=1);

namespace Tests\Api;

use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\TestWith;

/** What is printed into the page, and for whom. */
final class PageTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // Nothing is built when these run.
        $this->withoutVite();
    }

    public function test_today_is_printed_and_its_answers_are_those_of_the_api(): void
    {
        $page = $this->page('/');
        $today = $this->getJson('/api/v1/today')->json();

        $this->assertStringContainsString('<h1>'.e($today['sentence']).'</h1>', $page);
        $this->assertStringContainsString(e($today['due'][0]['name']), $page);
        $this->assertEquals($today, self::answers($page)['today']);
        $this->assertEquals($this->getJson('/api/v1/session')->json(), self::answers($page)['session']);
    }

    public function test_a_name_stays_a_name(): void
    {
        $name = '</script><script>alert(1)</script>';
        DB::table('fish')->where('name', 'Bramble')->update(['name' => $name]);
        $page = $this->page('/');

        $this->assertStringNotContainsString($name, $page);
        $this->assertStringContainsString(e($name), $page);
        $this->assertContains($name, array_column(array_merge(...array_column(self::answers($page)['today']['systems'], 'fish')), 'name'));
    }

    #[TestWith(['/fish', ['session']])]
    #[TestWith(['/shell', []])]
    public function test_elsewhere_nothing_of_it_is_printed(string $path, array $answers): void
    {
        $page = $this->page($path);

        $this->assertStringNotContainsString('first-print', $page);
        $this->assertSame($answers, array_keys(self::answers($page)));
    }

    public function test_who_is_not_signed_in_reads_nothing(): void
    {
        Auth::guard('web')->logout();
        $page = $this->page('/');

        $this->assertStringNotContainsString('first-print', $page);
        $this->assertStringNotContainsString('Heron Lock', $page);
        $this->assertSame(['session' => ['owner_exists' => true, 'keeper' => null]], self::answers($page));
    }

    public function test_a_page_without_its_tables_asks_for_itself(): void
    {
        Schema::drop('stays');
        $page = $this->page('/');

        $this->assertSame([], self::answers($page));
        $this->assertStringContainsString('id="root"', $page);
    }

    private function page(string $path): string
    {
        return (string) $this->get($path)->assertOk()->getContent();
    }

    /** @return array<string, mixed> by question */
    private static function answers(string $page): array
    {
        preg_match('#<script type="application/json" id="answers">(.*?)</script>#s', $page, $found);

        return json_decode($found[1] ?? '', true, 64, JSON_THROW_ON_ERROR);
    }
}
