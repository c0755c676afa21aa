<x-project :project="$project" :plan="$plan" :progress="$progress" :stage="\App\View\Stage::Fold">
    {!! $seen !!}
</x-project>
