@include('planning.outlook.together')
@include('planning.outlook.visits')
