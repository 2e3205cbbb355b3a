{{-- Stands until the scripts have come, and is drawn over by them. --}}
<div class="first-print">
    <header><b>{{ $first->facility }}</b> <span>{{ $first->day }}</span></header>
    <h1>{{ $first->today->sentence }}</h1>
    <p>{{ $first->today->upgrades_sentence }}</p>
    <ol>
        @foreach ($first->rows() as [$number, $due, $words])
            <li @class(['late' => $due->is_late])>
                <b>{{ $number }}</b>
                <span><strong>{{ $due->name }}</strong><br>{{ $words }}</span>
            </li>
        @endforeach
    </ol>
</div>
